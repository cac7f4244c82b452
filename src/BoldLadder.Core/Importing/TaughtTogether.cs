namespace BoldLadder.Core.Importing;

/// <summary>
/// What is written in several places and taught as one: the same again next day is a rung of two days, and a cell of letters
/// that were all met before is one lesson.
/// </summary>
internal static class TaughtTogether
{
    public static IReadOnlyList<WrittenRung> Of(IReadOnlyList<WrittenRung> rungs)
    {
        var made = new List<WrittenRung>();
        foreach (var rung in GoneOver(rungs))
        {
            var last = made.Count > 0 ? made[^1] : null;
            if (last is not null && rung.Parts.Count > 0 && rung.Parts.All(x => x.Kind == WrittenKind.Grapheme && x.Words.Count == 0 && x.Sounds.Count == 0) && last.Section == rung.Section
                && rung.Parts.Select(x => x.Letters).SequenceEqual(last.Parts.Select(x => x.Letters)) && rung.Sources.Count > 0 && last.Sources.All(x => x.Cell != rung.Sources[0].Cell)
                && last.Parts.All(x => (x.Words.Count == 0 && x.Sounds.Count == 0) || !SoundChoice.HasPair(x.Letters)) && rung.Sound == last.Sound && (rung.Words.Count == 0 || rung.Words.SequenceEqual(last.Words)) && last.Days < 20)
            {
                last.Days++;
                Join(last, rung);
                continue;
            }

            made.Add(rung);
        }

        return made;
    }

    private static void Join(WrittenRung rung, WrittenRung again)
    {
        rung.Sources.AddRange(again.Sources);
        rung.Tricky.AddRange(again.Tricky);
        rung.Notes.AddRange(again.Notes);
    }

    private static bool IsOfSameRow(WrittenRung x, WrittenRung again) => x.Section == again.Section && x.Week == again.Week && x.Date == again.Date && x.CellLetters.SequenceEqual(again.CellLetters)
        && x.Parts.Select(p => p.Letters).SequenceEqual(again.Parts.Select(p => p.Letters)) && again.Parts.All(p => p.Kind == WrittenKind.Grapheme && p.Words.Count + p.Sounds.Count == 0)
        && x.Sources.Count > 0 && x.Sources.TrueForAll(s => s.Cell != again.Sources[0].Cell) && RowOf(x.Sources[0]) == RowOf(again.Sources[0]);

    private static string RowOf(Source source) => source.Cell.TrimStart([.. "ABCDEFGHIJKLMNOPQRSTUVWXYZ"]);

    // A cell of letters that were all met before is one lesson that goes over them, however many they are.
    private static List<WrittenRung> GoneOver(IReadOnlyList<WrittenRung> rungs)
    {
        var (made, met) = (new List<WrittenRung>(), new HashSet<string>());
        foreach (var rung in rungs)
        {
            // Focus: p, i | Teach: p, i, of one week: each was made a rung of its own by the first of the two.
            if (rung.CellLetters.Count > 1 && rung.Sources.Count > 0 && made.TakeLast(2 * rung.CellLetters.Count).LastOrDefault(x => IsOfSameRow(x, rung)) is { } first)
            {
                Join(first, rung);
                continue;
            }

            if (made.Count > 0 && rung.CellLetters.Count > 1 && made[^1].Sources.Count > 0 && ReferenceEquals(made[^1].Sources[0], rung.Sources[0]) && rung.CellLetters.All(met.Contains) && made[^1].Parts.All(x => met.Contains(x.Letters)))
            {
                made[^1].Parts.AddRange(rung.Parts);
                continue;
            }

            made.Add(rung);
            if (rung.CellLetters.Count == 0 || !rung.CellLetters.All(met.Contains))
            {
                met.UnionWith(rung.Parts.Where(x => x.Kind == WrittenKind.Grapheme).Select(x => x.Letters));
            }
        }

        return made;
    }
}
