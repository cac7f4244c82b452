namespace BoldLadder.Core.Importing;

/// <summary>What stands below a table and is no part of it: <i>Updated September 2026 by Ms Okafor</i>.</summary>
internal static class SheetFoot
{
    private const int FewestWords = 3, FewestRows = 4;

    /// <summary>The cells without the lines below all; as they are where the sheet is a list of lines.</summary>
    public static IReadOnlyList<SheetCell> Without(string sheet, IReadOnlyList<SheetCell> cells, PartReader reader, List<LeftOut> left)
    {
        var rows = cells.GroupBy(x => x.Row).OrderBy(x => x.Key).Select(x => x.ToList()).ToList();
        var foot = rows.AsEnumerable().Reverse().TakeWhile(x => x.Count == 1 && IsTalk(x[0].Text, reader)).Select(x => x[0]).ToList();
        if (foot.Count == 0 || rows.Count - foot.Count < FewestRows || rows.Count(x => x.Count > 1) < FewestRows - 1)
        {
            return cells;
        }

        left.AddRange(foot.Select(x => new LeftOut(new Source(sheet, x.Address, x.Text), LeftOutReason.NotRead)));
        return [.. cells.Except(foot)];
    }

    // Several words, and none of them anything that could be taught, gone over or a day off.
    private static bool IsTalk(string text, PartReader reader) => text.Split(' ').Length >= FewestWords && !SheetWords.IsSection(text) && !SheetWords.IsWeek(text) && !SheetWords.IsHoliday(text)
        && SheetWords.Labelled(text) is null && LessonWords.LessonOf(text) is null && LessonWords.StructuresOf(text).Count == 0 && !SheetLines.Of(text).Any(x => SheetWords.LabelsTrickyWords(x) || SheetWords.NamesTrickyWords(x))
        && !text.Split(' ').All(x => reader.IsLearntByHeart(x.Trim('.', ',', '!', ':').ToLowerInvariant())) && reader.Read(text) is { Count: > 0 } read && read.All(x => x.Kind is WrittenKind.Kept or WrittenKind.Word);
}
