using System.Text.Json.Nodes;
using BoldLadder.Core.Importing;

namespace BoldLadder.Server.Storage;

/// <summary>What a school answered when it brought in its sheets, so that it is not asked again.</summary>
/// <param name="Layouts">The latest last.</param>
/// <param name="Answers">Answers to doubts, by the doubt's id.</param>
public sealed record ImportsDocument(IReadOnlyList<LayoutDocument> Layouts, IReadOnlyDictionary<string, string> Answers) : IStored
{
    /// <summary>Layouts that are remembered.</summary>
    public const int Most = 20, MostAnswers = 300, LongestSignature = 2000, LongestAnswer = 60;

    public static int Version => 1;

    public static void Upgrade(JsonObject old, int version)
    {
        // There is no older version.
    }

    /// <summary>With a layout and answers that were given since; the oldest go when there are too many.</summary>
    public ImportsDocument With(LayoutDocument? layout, IReadOnlyDictionary<string, string>? answers)
    {
        var layouts = layout is null || layout.Signature.Length > LongestSignature ? Layouts : [.. Layouts.Where(x => x.Signature != layout.Signature).TakeLast(Most - 1), layout];
        var all = Answers.Concat(answers ?? new Dictionary<string, string>()).Where(x => x.Key.Length <= LongestAnswer && x.Value is { Length: > 0 and <= LongestAnswer })
            .GroupBy(x => x.Key).TakeLast(MostAnswers).ToDictionary(x => x.Key, x => x.Last().Value);
        return new ImportsDocument(layouts, all);
    }

    public static ImportsDocument Read(string? stored) => stored is null ? new ImportsDocument([], new Dictionary<string, string>()) : StoredJson.Read<ImportsDocument>(stored);
}

/// <summary>The columns of a sheet as a person said they are.</summary>
/// <param name="Signature">Its headings.</param>
public sealed record LayoutDocument(string Signature, IReadOnlyDictionary<int, ColumnRole> Roles);
