using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Lessons.Pieces;

namespace BoldLadder.Core.Lessons;

/// <summary>Makes a whole lesson within its time: apply is kept, practise takes what is left.</summary>
public static class LessonComposer
{
    /// <param name="next">The rung of the day after, where its lesson is made next: what that asks is looked for beside this one.</param>
    public static Lesson Compose(LessonBrief brief, Rung? next = null)
    {
        var dice = new Dice(brief.Seed);
        var make = new ItemMaker(brief.Stock, brief.Kept.Select(x => x.Item.Id));
        if (brief.BeforeLadder)
        {
            return new Lesson(
                brief.Kind, brief.Minutes, brief.Rung?.Id ?? "", "listening", [], [], [], brief.Seed, Teaching.None,
                WithKept([.. ListeningLesson.Make(brief, make, dice).Where(x => x.Items.Count > 0)], brief.Kept), [], brief.Own, []);
        }

        brief.LookAhead(next);
        var (revisit, carried) = RevisitPart.Make(brief, make, dice);
        var teach = TeachPart.Make(brief, make, dice);
        var whole = brief.Minutes * 60;
        var applySeconds = Math.Max((int)(whole * Timing.ApplyShare), whole - revisit.Concat(teach).Sum(x => x.Seconds) - PractisePart.MostFor(brief));
        // The sentences that ask for today's tricky words or marks are few early on: what is left is read.
        var gaps = TrickyGaps.Make(brief, make, dice) ?? SentenceToMend.Make(brief, make, dice);
        var asked = gaps?.Items.Select(x => x.Text).ToHashSet() ?? [];
        // Before what is compared, which waits for the words that are looked for beside this.
        var sentences = ApplyPart.Ranked(brief, dice).Where(x => !asked.Contains(x.Sentence.Text)).ToList();
        var compared = PractisePart.Compare(brief, make, dice, gaps);
        var apply = ApplyPart.Make(brief, make, dice, applySeconds, sentences);
        var left = whole - revisit.Concat(teach).Concat(apply).Sum(x => x.Seconds);
        var practise = PractisePart.Make(brief, make, dice, left, compared);
        var unused = left - practise.Sum(x => x.Seconds);
        if (!brief.IsEarly && Timing.IsShort(unused, brief.Minutes))
        {
            // English has too few words for a part to practise as long: so much more is read in sentences.
            apply = ApplyPart.Make(brief, make, dice, apply.Sum(x => x.Seconds) + unused, sentences);
        }

        List<LessonBlock> made = [.. revisit.Concat(teach).Concat(practise).Concat(apply).Where(x => x.Items.Count > 0)];
        made.AddRange(ByEar.Make(brief, make, dice, made, whole - made.Sum(x => x.Seconds)).Where(x => x.Items.Count > 0));
        made = StoryAgain.Added(brief, make, made, whole - made.Sum(x => x.Seconds));
        var blocks = WithinTime(brief, made).OrderBy(x => x.Part).ThenBy(x => PlaceOf(brief.Pieces, x)).ToList();
        return new Lesson(
            brief.Kind, brief.Minutes, brief.Rung?.Id ?? "", brief.Rung?.Label ?? "review",
            brief.Teaches, brief.GoesOver, brief.Rung?.TrickyWords ?? [], brief.Seed, TeachingOf(brief.Rung),
            WithKept(blocks, brief.Kept), carried, brief.Own, brief.Wordless);
    }

    // What a lesson can go without when what is new takes long, the first to go first. What is due is never among it.
    private static readonly Activity[] GoesFirst =
    [
        Activity.OwnSentence, Activity.Riddles, Activity.MatchPicture, Activity.SameSound, Activity.MadeUp, Activity.SayTricky, Activity.ReadAgain, Activity.WriteSentence, Activity.Listening,
        Activity.Sort, Activity.Compare, Activity.Choose, Activity.Chain,
    ];

    // And then what such a day is not about: on one of tricky words it is older words that are spelt, and a sort of three
    // spellings is reading enough.
    private static Activity? GoesLast(LessonKind kind) => kind switch
    {
        LessonKind.TrickyWordDay => Activity.Spell,
        LessonKind.Contrast => Activity.Read,
        _ => null,
    };

    // Three letters and a tricky word take six minutes to meet: in a lesson of twenty, others give way, but for what a person
    // has kept. A school that has given a piece its minutes is told what is too long.
    private static List<LessonBlock> WithinTime(LessonBrief brief, List<LessonBlock> made)
    {
        IEnumerable<Activity> goes = brief.Pieces.Pieces.Any(x => x.Minutes is not null) ? [] : GoesLast(brief.Kind) is { } last ? GoesFirst.Append(last) : GoesFirst;
        foreach (var activity in goes)
        {
            if (made.Sum(x => x.Seconds) * 10 <= brief.Minutes * 60 * 11)
            {
                break;
            }

            made.RemoveAll(x => x.Activity == activity && !(brief.Kind == LessonKind.Contrast && Piece.Of(activity).Compares) && brief.KeptIn(x.Part, activity).Count == 0);
        }

        return made;
    }

    // In the order of the shape; what has no place in it stands last.
    private static int PlaceOf(LessonShape shape, LessonBlock block)
    {
        var at = Piece.Of(block.Activity).Slot is { } slot ? shape.Pieces.Select(x => (x.Part, x.Slot)).ToList().IndexOf((block.Part, slot)) : -1;
        return at < 0 ? int.MaxValue : at;
    }

    private static Teaching TeachingOf(Rung? rung) => rung is null ? Teaching.None : new Teaching(
        rung.SayIt, rung.WriteIt, rung.Keyword, rung.Notes, rung.Point);

    // A locked item whose block the new plan does not have brings its block with it.
    private static IReadOnlyList<LessonBlock> WithKept(List<LessonBlock> blocks, IReadOnlyList<KeptItem> kept)
    {
        foreach (var group in kept.GroupBy(x => (x.Part, x.Activity)))
        {
            var at = blocks.FindIndex(x => x.Part == group.Key.Part && x.Activity == group.Key.Activity);
            var missing = group.Select(x => x.Item).Where(x => at < 0 || blocks[at].Items.All(i => i.Id != x.Id)).ToList();
            if (missing.Count > 0 && at >= 0)
            {
                blocks[at] = blocks[at] with { Items = [.. missing, .. blocks[at].Items] };
            }
            else if (missing.Count > 0)
            {
                var before = blocks.FindLastIndex(x => x.Part <= group.Key.Part);
                blocks.Insert(before + 1, new LessonBlock(group.Key.Part, group.Key.Activity, missing));
            }
        }

        return blocks;
    }
}
