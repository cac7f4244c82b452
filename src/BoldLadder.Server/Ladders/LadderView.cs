using BoldLadder.Core.Ladders;
using BoldLadder.Core.Mapping;
using BoldLadder.Server.Groups;
using BoldLadder.Server.Storage;

namespace BoldLadder.Server.Ladders;

/// <summary>A rung with its figures.</summary>
/// <param name="Examples">A few of its target words.</param>
/// <param name="Unlocks">Words that become readable here, of all ages.</param>
/// <param name="EverydayUnlocks">Those a child of seven or younger knows.</param>
/// <param name="Targets">Everyday words within the shape limit that hold what it teaches, bases and endings once.</param>
/// <param name="Tricky">For each tricky word, the rung where all its parts are taught; null when no rung brings one.</param>
/// <param name="Needs">What it needs and stands before.</param>
public sealed record RungView(
    RungDocument Rung, int Number, string Label, IReadOnlyList<string> Examples, int Unlocks, int EverydayUnlocks, int Targets,
    Thinness Thin, IReadOnlyList<TrickyView> Tricky, IReadOnlyList<string> Needs, bool Passed, DateOnly? Date);

/// <param name="DecodableAt">The number of the rung from which its parts are all taught; null when no rung brings one.</param>
/// <param name="Standing">How that stands to the rung it is taught on.</param>
public sealed record TrickyView(string Word, int? DecodableAt, TrickyStanding Standing);

/// <summary>The largest shape of word chosen in a section.</summary>
public sealed record ShapeView(int Boxes, int Together, int Syllables);

public sealed record SectionView(string Id, string Name, ShapeView Shape, IReadOnlyList<RungView> Rungs);

/// <summary>A week along the ladder that brings more than a class can take in: told, never forbidden.</summary>
/// <param name="From">The number of its first rung.</param>
public sealed record HeavyWeek(int From, int To, int Correspondences, int TrickyWords);

/// <summary>The draft of a ladder with all its figures, beside one group's place on it.</summary>
/// <param name="Clashes">What is easily confused and stands too close.</param>
/// <param name="StartsAfter">The last rung of what children know before it begins, which groups have been taught when they come; null for most.</param>
/// <param name="Unpublished">In how many things it differs from what is published; lessons follow the published one.</param>
public sealed record LadderView(
    Guid Id, int Revision, string Name, IReadOnlyList<SectionView> Sections, int Unpublished, string? Undo, string? Redo,
    int ThinByPlace, int ThinByNature, IReadOnlyList<HeavyWeek> HeavyWeeks, IReadOnlyList<ClashView> Clashes, string? StartsAfter, Strip Strip)
{
    internal static LadderView Of(LadderDesk desk)
    {
        var (draft, room, unlocking) = (desk.Draft, desk.Room, desk.Room.Unlocking);
        var strict = room.Rules.Strict == room.Rules ? unlocking : new Unlocking(draft, room.Rules.Strict);
        var figures = desk.Figures;
        var unmet = room.School.Needs.Unmet(draft).ToLookup(x => x.RungId);
        var dates = room.Dates;
        var place = 0;
        var sections = draft.Sections.Select(s => new SectionView(s.Id, s.Name, new ShapeView(s.Shape.Boxes, s.Shape.Together, s.Shape.Syllables), [.. s.Rungs.Select(r =>
        {
            var at = place++;
            return new RungView(
                RungDocument.Of(r), at + 1, r.Label, r.AddsParts ? [.. TargetWords.At(unlocking, at).Take(3).Select(x => x.Spelling)] : [],
                figures[at].Yield, figures[at].EverydayYield, figures[at].Targets, figures[at].Thin,
                r.IsKnownBefore ? [] : [.. r.TrickyWords.Select(x => Tricky(x, at, strict))], [.. unmet[r.Id].Select(x => $"{x.Letters}, on rung {x.NeededAt + 1}")],
                room.Standing.Passed(room.Ladder.Rungs[at]), dates.TryGetValue(r.Id, out var date) ? date : null);
        })])).ToList();
        return new LadderView(
            desk.Id, desk.Revision, draft.Name, sections, desk.Difference.Count, desk.Undo, desk.Redo,
            figures.Count(x => x.Thin == Thinness.ByPlace), figures.Count(x => x.Thin == Thinness.ByNature),
            [.. Load.ByWeek(draft.Rungs, Math.Max(1, room.Year.Pattern.NewDays)).Where(x => x.TooMany)
                .Select(x => new HeavyWeek(x.FromPlace + 1, x.ToPlace + 1, x.Correspondences, x.TrickyWords))],
            [.. Core.Mapping.Clashes.Of(draft, desk.Distances, room.Rules.SameSound).Select(ConsequencesRoutes.Of)], Core.Importing.KnownBefore.LastOf(draft)?.Id, Strip.Of(room.Standing));
    }

    private static TrickyView Tricky(string word, int at, Unlocking unlocking)
    {
        var graduation = Graduation.Of(word, at, unlocking);
        return new TrickyView(word, graduation.Place is { } place ? place + 1 : null, graduation.Standing);
    }
}

/// <summary>A rung opened: the words behind its figures.</summary>
/// <param name="Targets">Everyday words that hold what it teaches, within the shape limit.</param>
/// <param name="Unlocked">Words that become readable here and may be shown: everyday ones first.</param>
/// <param name="More">How many further words it unlocks: rarer ones, that nobody has rated, and those over the length of a list.</param>
public sealed record RungWordsView(RungView Rung, IReadOnlyList<string> Targets, IReadOnlyList<string> Unlocked, int More);
