using BoldLadder.Core.Conventions;

namespace BoldLadder.Core.Lessons;

/// <summary>What a day is about, made from facts.</summary>
public sealed record MadePoint(PointCode Code, IReadOnlyList<string> Arguments) : Coded<PointCode>(Code, Arguments)
{
    public static MadePoint Of(PointCode code, params string[] arguments) => new(code, arguments);
}
