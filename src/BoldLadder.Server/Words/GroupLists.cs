using System.ComponentModel.DataAnnotations;
using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Log;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;
using BoldLadder.Server.Engine;
using BoldLadder.Server.Groups;
using BoldLadder.Server.Hosting;
using BoldLadder.Server.Phrasing;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;

namespace BoldLadder.Server.Words;

/// <summary>What a list for a group is asked for; all that is left out is left open.</summary>
/// <param name="Kind">A kind of list or pair as in the open API, or <c>without</c>, <c>chain</c> or <c>made-up</c>.</param>
/// <param name="Of"><c>taught</c> (what the group can read, the default), <c>secure</c> (what has settled) or <c>ear</c> (any everyday word).</param>
/// <param name="All">Every word there is, and not the first of them only.</param>
/// <param name="Turn">Another number gives another chain and other made-up words.</param>
public sealed record GroupListAsked(
    [property: FromQuery(Name = "kind")] string? Kind = null, [property: FromQuery(Name = "of")] string? Of = null,
    [property: FromQuery(Name = "sound")] string? Sound = null, [property: FromQuery(Name = "place")] string? Place = null,
    [property: FromQuery(Name = "ending")] string? Ending = null, [property: FromQuery(Name = "fewest"), Range(1, 12)] int Fewest = 1,
    [property: FromQuery(Name = "most"), Range(1, 12)] int Most = 12, [property: FromQuery(Name = "turn"), Range(0, 1_000_000)] int Turn = 0,
    [property: FromQuery(Name = "all")] bool All = false, [property: FromQuery(Name = "asIf")] string? AsIf = null);

/// <param name="Reason">Why it is here; in a chain, what changed and where.</param>
public sealed record GroupWordView(string Spelling, IReadOnlyList<PieceView> Pieces, string Reason);

/// <param name="Shared">What the words share, or what differs in a pair; empty for a plain list.</param>
public sealed record GroupFamilyView(string Shared, IReadOnlyList<GroupWordView> Words);

/// <summary>A sound to ask for.</summary>
/// <param name="Spellings">Spellings of it that the group has been taught.</param>
public sealed record SoundChoice(string Key, string Ipa, string Example, IReadOnlyList<string> Spellings);

/// <param name="Kind">The kind that was asked for.</param>
/// <param name="Words">How many words, pairs or families there are in all; more than are shown.</param>
/// <param name="Families">The words, in families; a pair and a chain are families of their own.</param>
/// <param name="Empty">What to say when there is nothing.</param>
public sealed record GroupListView(
    Strip Strip, string Group, DateOnly Day, string Accent, string Kind, int Words, IReadOnlyList<GroupFamilyView> Families, string Empty,
    IReadOnlyList<SoundChoice> Sounds, IReadOnlyList<string> Endings);

/// <summary>Lists of words for a group: for practice, for games, for a display, and for the ear.</summary>
public static class GroupLists
{
    private const int MostWords = 90, MostFamilies = 30, MostMadeUp = 24, ChainSteps = 8;

    public static void Map(RouteGroupBuilder school) =>
        Turns.Take(school.MapGet("/groups/{groupId:guid}/lists", List)
            .WithSummary("A list of words for a group: by sound, rhyme, spelling or ending, pairs, a chain, made-up words.")
            .ProducesProblem(400).ProducesProblem(404).ProducesProblem(429).ProducesProblem(503), large: true);

    private static async Task<Results<Ok<GroupListView>, ProblemHttpResult>> List(
        Guid groupId, [AsParameters] GroupListAsked asked, Classrooms rooms, WorkBudget budget, CancellationToken cancel)
    {
        var (room, problem) = await rooms.Enter(groupId, asked.AsIf, cancel);
        if (room is null || Limit(asked, room, out problem) is not { } limit)
        {
            return problem!;
        }

        var sound = Asked.Sound(asked.Sound, "sound", out problem);
        if (problem is not null)
        {
            return problem;
        }

        if (!Asked.Place(asked.Place, out var place))
        {
            return Problems.Bad("place", Asked.PlaceSentence);
        }

        var kind = asked.Kind ?? "words";
        if (sound is null && kind is "without" or "by-spelling")
        {
            return Problems.Bad("sound", "Say which sound.");
        }

        if (kind == "by-ending-sound" && !Endings.All.Contains(asked.Ending))
        {
            return Problems.Bad("ending", $"The endings are {string.Join(", ", Endings.All)}.");
        }

        var shape = limit.Judge is null ? room.Standing.ShapeMet with { Boxes = 12, Together = 4 } : room.Standing.ShapeMet;
        var brief = new ListBrief(limit.Judge, sound, null, place, kind == "without", asked.Fewest, asked.Most, shape);
        return Families(kind, asked, room, brief, limit.Taught, budget.Stop) is { } found
            ? TypedResults.Ok(View(room, kind, found.All, found.Families))
            : Problems.Bad("kind", $"{ListKinds.ListSentence} {ListKinds.PairSentence} Or ask for without, chain or made-up.");
    }

    private static (Judge? Judge, TaughtSet Taught)? Limit(GroupListAsked asked, Classroom room, out ProblemHttpResult? problem)
    {
        problem = null;
        switch (asked.Of)
        {
            case null or "taught":
                return (new Judge(room.Taught), room.Taught);
            case "secure":
                var secure = SecureSet.At(room.Log, room.Year, room.Rules, room.Today);
                return (new Judge(secure), secure);
            case "ear":
                return (null, room.Taught);
            default:
                problem = Problems.Bad("of", "A list is of what is taught, secure, or for the ear.");
                return null;
        }
    }

    private static (int All, IReadOnlyList<GroupFamilyView> Families)? Families(
        string kind, GroupListAsked asked, Classroom room, ListBrief brief, TaughtSet taught, CancellationToken stop)
    {
        var judge = new Judge(room.Taught);
        var lists = new WordLists(room.Stock);
        var phrases = new Phrases(room.Conventions.Terms);
        var most = asked.All ? int.MaxValue : MostWords;
        GroupWordView Word(OfferedWord x, IReadOnlyList<Reason> reasons) => new(x.Word.Spelling, PieceView.Of(x.Reading, x.Word.Ended, judge, [], room.Conventions.Marks), phrases.Clause(reasons));
        if (kind == "chain")
        {
            var words = lists.Words(brief with { Sound = null }).Select(x => x.Offered).ToList();
            var chain = new WordChains(new ChainGraph(words, room.Rules), room.Rules)
                .Find(new ChainBrief(ChainSteps, brief.Sound is { } through ? [through] : [], null, (ulong)asked.Turn), stop);
            return (chain.Words.Count, chain.Words.Count == 0 ? [] : [new GroupFamilyView("", [.. chain.Words.Select(x => Word(x.Word, x.Step?.Reasons ?? []))])]);
        }

        if (kind == "made-up")
        {
            var parts = taught.Correspondences.ToHashSet();
            var made = room.Stock.MadeUp is { } check
                ? new MadeUpWords(check).Drawn(parts, parts, MadeUpWords.ShapeFor(room.Standing.ShapeMet), new Dice((ulong)asked.Turn), stop: stop)
                    .Where(x => x.Reading!.SoundCount >= asked.Fewest && x.Reading.SoundCount <= asked.Most)
                    .Where(x => brief.Sound is not { } wanted || x.Reading!.Segments.Any(s => room.Rules.SameSound(s.Correspondence.Sound, wanted)))
                    .Take(MostMadeUp).ToList()
                : [];
            return (made.Count, made.Count == 0 ? [] : [new GroupFamilyView("", [.. made
                .Select(x => new GroupWordView(x.Word, PieceView.Of(x.Reading!, null, judge, [], room.Conventions.Marks), phrases.Sentence([x.Reason])))])]);
        }

        if (ListKinds.Pairs(kind, room.Stock, brief) is { } pairs)
        {
            var finder = new WordPairs(lists, room.Stock);
            var all = pairs.Where(x => brief.Sound is not { } wanted || finder.DifferIn(x, wanted)).ToList();
            return (all.Count, [.. all.Take(asked.All ? int.MaxValue : MostFamilies).Select(x => new GroupFamilyView(phrases.Clause(x.Reasons), [Word(x.One, []), Word(x.Other, [])]))]);
        }

        if (ListKinds.Families(kind == "without" ? "words" : kind, lists, brief, asked.Ending)?.ToList() is not { } families)
        {
            return null;
        }

        var count = kind is "rhymes" or "rhymes-spelt-alike" ? families.Count : families.Sum(x => x.Words.Count);
        return (count, [.. families.Where(x => x.Words.Count > 0).Take(asked.All ? int.MaxValue : MostFamilies)
            .Select(x => new GroupFamilyView(x.Shared, [.. x.Words.Take(most).Select(w => Word(w.Offered, w.Reasons))]))]);
    }

    private static GroupListView View(Classroom room, string kind, int all, IReadOnlyList<GroupFamilyView> families)
    {
        var accent = room.Rules.Rows.Words.Accent;
        var taught = room.Taught.Correspondences.ToLookup(x => room.Rules.SoundKey(x.Sound), x => x.Grapheme.Text);
        var sounds = taught.Select(x => x.Key).Concat(Phonemes.All.Select(x => room.Rules.SoundKey(new Sound(x)))).Distinct()
            .Select(x => Core.Sounds.Sound.TryParse(x, out var sound, out _) ? sound : default)
            .Select(x => new SoundChoice(x.Key, PieceView.IpaOf(x, accent), x.Example, [.. taught[x.Key].Distinct()]));
        return new GroupListView(
            Strip.Of(room.Standing), room.Group.Name, room.Today, accent.Id, kind, all, families,
            families.Count > 0 ? "" : "No word fits. Ask for fewer things at once, or for words by ear.",
            [.. sounds], Endings.All);
    }
}
