namespace BoldLadder.Core.Conventions;

/// <summary>Something to say, as a code and what it is about: it is said at the edge. Nothing that is stored holds a sentence of ours.</summary>
public abstract record Coded<TCode>(TCode Code, IReadOnlyList<string> Arguments)
    where TCode : struct, Enum
{
    public virtual bool Equals(Coded<TCode>? other) => other is not null && other.Code.Equals(Code) && other.Arguments.SequenceEqual(Arguments);

    public override int GetHashCode() => HashCode.Combine(Code, Arguments.Count);

    public sealed override string ToString() => $"{Code} {string.Join(' ', Arguments)}".TrimEnd();
}
