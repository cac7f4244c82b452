using System.Text.RegularExpressions;

namespace BoldLadder.Core.Importing;

/// <summary>What stands above or below a table and is no part of it: <i>Each week we teach four new sounds.</i>, <i>Updated September 2026 by Ms Okafor</i>.</summary>
internal static class SheetTalk
{
    private const int FewestWords = 3, FewestOfSentence = 6, FewestRows = 4;

    /// <summary>The cells without the lines above and below that only talk; of a list of lines, without those above that say what is always done.</summary>
    public static IReadOnlyList<SheetCell> Without(string sheet, IReadOnlyList<SheetCell> cells, PartReader reader, List<LeftOut> left)
    {
        var rows = cells.GroupBy(x => x.Row).OrderBy(x => x.Key).Select(x => x.ToList()).ToList();
        var isTable = rows.Count >= FewestRows && rows.Count(x => x.Count > 1) >= FewestRows - 1;
        var foot = rows.AsEnumerable().Reverse().TakeWhile(x => x.Count == 1 && (IsKey(x[0].Text) || Page.IsMatch(x[0].Text) || IsTalk(x[0].Text, reader))).Select(x => x[0]).ToList();
        // Total | 24, below all.
        var totals = rows.Skip(FewestRows).Where(x => x.Count > 1 && !SheetWords.IsOrdinal(x[0].Text) && SheetWords.AsideFor([.. x.Select(c => c.Text)]) == LeftOutReason.Count && x.TrueForAll(c => c == x[0] || SheetWords.IsCount(c.Text))).SelectMany(x => x).ToList();
        left.AddRange(totals.Select(x => new LeftOut(new Source(sheet, x.Address, x.Text), LeftOutReason.Count)));
        var head = rows.TakeWhile(x => x.Count == 1).Take(rows.Count - 1).Select(x => x[0]).Where(x => IsKey(x.Text) || ForWhom.IsMatch(x.Text) || IsSaid(x.Text, isTable, reader)).ToList();
        List<SheetCell> talk = [.. head, .. isTable && rows.Count - foot.Count >= FewestRows ? foot : []];
        left.AddRange(talk.Select(x => new LeftOut(new Source(sheet, x.Address, x.Text), LeftOutReason.NotRead)));
        talk.AddRange(totals);
        if (talk.Count == 0)
        {
            return cells;
        }

        // What comes next stands in the first row.
        var below = cells.Except(talk).ToList();
        var up = below.Select(x => x.Row).DefaultIfEmpty(1).Min() - 1;
        return [.. below.Select(x => x with { Row = x.Row - up })];
    }

    // Several words, and none of them anything that could be taught, gone over or a day off.
    private static bool IsTalk(string text, PartReader reader) => text.Split(' ').Length >= FewestWords && !SheetWords.IsSection(text) && !SheetWords.IsWeek(text) && !SheetWords.IsHoliday(text)
        && SheetWords.Labelled(text) is null && LessonWords.LessonOf(text) is null && LessonWords.StructuresOf(text).Count == 0 && !SheetLines.Of(text).Any(x => SheetWords.LabelsTrickyWords(x) || SheetWords.NamesTrickyWords(x))
        && !text.Split(' ').All(x => reader.IsLearntByHeart(x.Trim('.', ',', '!', ':').ToLowerInvariant())) && TeachesNone(text, reader);

    // What colours mean.
    private static bool IsKey(string text) => SheetWords.AsideFor([text]) == LeftOutReason.NotRead;

    // Child: Tomas.
    private static readonly Regex ForWhom = new(@"^\s*(?:(?:child|pupil|student)(?:['’]?s)?(?:\s+name)?|name|(?:class\s+)?teacher|adult|school|author|version|updated|(?:written|led|taught)\s+by)\s*:\s*\S", RegexOptions.IgnoreCase | RegexOptions.CultureInvariant);

    // A sentence to whoever reads the sheet, whatever it says of going over and of tricky words: what is done each week is no lesson.
    private static bool IsSaid(string text, bool isTable, PartReader reader) => text.Split(' ').Length >= FewestOfSentence && text.TrimEnd() is [.., '.' or '!'] && TeachesNone(text, reader) && (isTable || Always.IsMatch(text));

    private static bool TeachesNone(string text, PartReader reader) => reader.Read(text) is { Count: > 0 } read && read.All(x => x.Kind is WrittenKind.Kept or WrittenKind.Word or WrittenKind.Lesson);

    private static readonly Regex Page = new(@"^\s*page\s+\d+(\s+of\s+\d+)?\s*$", RegexOptions.IgnoreCase | RegexOptions.CultureInvariant);

    private static readonly Regex Always = new(@"\b(each|every|always|please|never)\b", RegexOptions.IgnoreCase | RegexOptions.CultureInvariant);
}
