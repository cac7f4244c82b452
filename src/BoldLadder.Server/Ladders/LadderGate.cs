using BoldLadder.Core.Ladders;
using BoldLadder.Core.Words;

namespace BoldLadder.Server.Ladders;

/// <summary>Takes every text of an edit through the gate for words: what a rung holds is shown to children.</summary>
internal static class LadderGate
{
    /// <summary>The edit with its texts plain; or null, with the field and what to do.</summary>
    public static LadderEdit? Through(LadderEdit edit, WordGate gate, out LadderProblem problem)
    {
        var gated = new Gated(gate);
        var made = edit switch
        {
            AddRung x => new AddRung(gated.Rung(x.Rung), x.SectionId, x.At),
            ReplaceRung x => new ReplaceRung(gated.Rung(x.Rung)),
            SeveralEdits x => Several(x, gate, gated),
            RenameLadder x => new RenameLadder(gated.Text("name", x.Name)),
            ChangeSection x => x with { Name = gated.Text("name", x.Name) },
            SplitSection x => x with { Name = gated.Text("name", x.Name) },
            AddSection x => x with { Section = gated.Section(x.Section) },
            ReplaceLadder x => gated.Ladder(x.Ladder) is { } ladder ? new ReplaceLadder(ladder) : null,
            _ => edit,
        };
        problem = gated.Problem ?? default;
        return gated.Problem is null ? made : null;
    }

    private static SeveralEdits? Several(SeveralEdits several, WordGate gate, Gated gated)
    {
        var made = new List<LadderEdit>();
        foreach (var edit in several.Edits)
        {
            if (Through(edit, gate, out var problem) is not { } passed)
            {
                gated.Refuse(problem);
                return null;
            }

            made.Add(passed);
        }

        return new SeveralEdits(gated.Text("name", several.Name), made);
    }

    private sealed class Gated(WordGate gate)
    {
        public LadderProblem? Problem { get; private set; }

        public void Refuse(LadderProblem problem) => Problem ??= problem;

        public string Text(string field, string text, bool lines = false)
        {
            var answer = gate.Of(text, lines);
            if (answer.Wrong is { } wrong)
            {
                Problem ??= new LadderProblem(field, wrong);
            }

            return answer.Plain;
        }

        public Rung Rung(Rung x) => x with
        {
            TrickyWords = [.. x.TrickyWords.Select(w => Text("trickyWords", w))], Keyword = Text("keyword", x.Keyword), SayIt = Text("sayIt", x.SayIt, true),
            WriteIt = Text("writeIt", x.WriteIt, true), Notes = Text("notes", x.Notes, true), Point = Text("point", x.Point),
            ListeningWords = [.. x.ListeningWords.Select(w => Text("listeningWords", w))],
        };

        public Section Section(Section x) => x with { Name = Text("name", x.Name), Rungs = [.. x.Rungs.Select(Rung)] };

        public Ladder? Ladder(Ladder x)
        {
            if (!Core.Ladders.Ladder.TryCreate(Text("name", x.Name), [.. x.Sections.Select(Section)], out var ladder, out var problems))
            {
                Problem ??= problems[0];
            }

            return ladder;
        }
    }
}
