namespace BoldLadder.Core.Conventions;

/// <summary>A reason: its code and what it is about. Nothing that is stored holds a sentence of ours.</summary>
public sealed record Reason(ReasonCode Code, IReadOnlyList<string> Arguments)
{
    public static Reason Of(ReasonCode code, params string[] arguments) => new(code, arguments);

    public bool Equals(Reason? other) => other is not null && other.Code == Code && other.Arguments.SequenceEqual(Arguments);

    public override int GetHashCode() => HashCode.Combine(Code, Arguments.Count);

    public override string ToString() => $"{Code} {string.Join(' ', Arguments)}".TrimEnd();
}
