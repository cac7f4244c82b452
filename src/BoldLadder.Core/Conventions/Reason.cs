namespace BoldLadder.Core.Conventions;

/// <summary>Why something is here.</summary>
public sealed record Reason(ReasonCode Code, IReadOnlyList<string> Arguments) : Coded<ReasonCode>(Code, Arguments)
{
    public static Reason Of(ReasonCode code, params string[] arguments) => new(code, arguments);
}
