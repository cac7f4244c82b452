using BoldLadder.Core.Conventions;

namespace BoldLadder.Core.Lessons;

/// <summary>What children are asked to do with what a piece shows or says.</summary>
public sealed record Ask(AskCode Code, IReadOnlyList<string> Arguments) : Coded<AskCode>(Code, Arguments)
{
    public static Ask Of(AskCode code, params string[] arguments) => new(code, arguments);
}
