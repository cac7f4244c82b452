using System.Text.RegularExpressions;
using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Lessons;
using BoldLadder.Core.Notes;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Tests.Notes;

/// <summary>What the shipped notes say is held to the lexicon, and nothing that a ladder teaches is left without a word.</summary>
public partial class TeachingNotesTests
{
    private static TeachingNotes Notes => World.Notes;

    private static IEnumerable<(PartNote Note, Correspondence Part)> Correspondences => Notes.Parts.Where(x => Correspondence.TryParse(x.Part, out _, out _)).Select(x => (x, Correspondence.Parse(x.Part)));

    [Fact]
    public void Every_sound_has_its_mouth_its_slip_its_remedy_and_its_gesture() => Assert.All(Phonemes.All, x =>
    {
        var note = Notes.Of(new Sound(x), Accent.SouthernBritish);
        Assert.True(note is { Say.Length: > 0, Slip.Length: > 0, Mend.Length: > 0, Gesture.Length: > 0 }, x.Key);
    });

    [Fact]
    public void The_line_to_say_together_is_full_of_its_sound() => Assert.All(Notes.Sounds.Where(x => !x.Sound.Contains('@', StringComparison.Ordinal)), x =>
    {
        var said = Correspondence.Parse($"a:{x.Sound}").Sound;
        var sound = World.South.Rules.SoundKey(said);
        var line = Notes.Of(said, Accent.SouthernBritish)!.Line;
        var words = SentenceBank.WordsOf(line).Select(w => World.South.Words.Find(w) ?? World.South.Words.Find(w.Replace("'s", "", StringComparison.Ordinal))).OfType<SchoolWord>();
        var heard = words.Sum(w => w.Readings[0].Segments.Count(s => World.South.Rules.SoundKey(s.Correspondence.Sound) == sound));
        Assert.True(heard >= 4, $"{x.Sound}: {heard} in '{line}'");
    });

    [Fact]
    public void Every_letter_says_the_way_the_pencil_goes_small_and_capital() => Assert.All("abcdefghijklmnopqrstuvwxyz", x =>
    {
        var note = Notes.Letters.Single(n => n.Letter == x.ToString());
        Assert.NotEmpty(note.Small);
        Assert.NotEmpty(note.Capital);
    });

    [Fact]
    public void Whatever_is_taken_for_another_is_told_apart() => Assert.All(
        NearSounds.Pairs, x => Assert.True(Notes.TellApart(x.One, x.Other, true) is { Length: > 0 } || IsFarFetched(x), $"{x.One} {x.Other}"));

    [Fact]
    public void A_point_that_gives_a_word_gives_one_with_its_part_in_it() => Assert.All(
        Correspondences.Select(x => (x.Part, Word: Example().Match(x.Note.Point).Groups[1].Value)).Where(x => x.Word.Length > 0 && World.South.Words.Find(x.Word) is not null),
        x => Assert.Contains(Readings(x.Word), r => r.Segments.Any(s => s.Correspondence == x.Part || SameLetters(s.Correspondence, x.Part))));

    [Fact]
    public void Every_word_of_a_list_beside_a_point_has_its_part_in_one_accent_or_another() => Assert.All(
        Correspondences.Select(x => (x.Part, List: WordList().Match(x.Note.Place).Groups["list"].Value)).Where(x => x.List.Length > 0),
        x => Assert.All(x.List.Split(", "), word => Assert.True(AllReadings(word).Any(r => r.Segments.Any(s => s.Correspondence == x.Part)), $"{x.Part.Key} {word}: {string.Join(" | ", AllReadings(word).Distinct())}")));

    [Fact]
    public void The_two_hundred_commonest_correspondences_have_a_line_of_their_own()
    {
        var endings = new[] { "ed:d", "ed:t", "es:z" };
        var commonest = World.South.Words.Words.Where(x => x is { Everyday: true, Ended: null } && World.South.Words.OwnSpelling(x))
            .SelectMany(x => World.South.Words.Of(x).Readings[0].Segments.Select(s => s.Correspondence).Distinct())
            .CountBy(x => x).OrderByDescending(x => x.Value).Select(x => x.Key).Where(x => !endings.Contains(x.Key)).Take(200).ToList();
        Assert.All(commonest, x => Assert.True(Notes.Of(Teachable.Of(x)) is not null, x.Key));
    }

    [Fact]
    public void A_note_that_says_never_or_always_first_or_last_is_right() => Assert.All(Correspondences, x =>
    {
        var places = World.South.Everyday(x.Part).SelectMany(w => w.Reading.Segments.Select((s, i) => (s, i, w.Reading.Segments.Count)).Where(s => s.s.Correspondence == x.Part)).ToList();
        var (first, last) = (places.Count(p => p.i == 0), places.Count(p => p.i == p.Count - 1));
        var (say, all) = (x.Note.Place, places.Count);
        Assert.True(!say.StartsWith("Never first", StringComparison.Ordinal) && !say.Contains(" Never first", StringComparison.Ordinal) || first == 0, $"{x.Part.Key}: {first} stand first");
        Assert.True(!say.StartsWith("Never last", StringComparison.Ordinal) || last == 0, $"{x.Part.Key}: {last} stand last");
        Assert.True(!say.StartsWith("Always first", StringComparison.Ordinal) || all - first <= all / 10, $"{x.Part.Key}: {all - first} do not stand first");
        Assert.True(!say.StartsWith("Mostly last", StringComparison.Ordinal) || last * 2 >= all, $"{x.Part.Key}: {last} of {all} stand last");
        Assert.True(!say.StartsWith("Last,", StringComparison.Ordinal) && !say.StartsWith("Last:", StringComparison.Ordinal) || last * 2 >= all, $"{x.Part.Key}: {last} of {all} stand last");
        Assert.True(!say.Contains("Hardly ever last", StringComparison.Ordinal) || last * 20 <= all, $"{x.Part.Key}: {last} of {all} stand last");
    });

    [Fact]
    public void Everything_that_the_demo_and_the_starter_ladders_teach_has_a_point_of_its_own()
    {
        foreach (var rung in Ladders().SelectMany(x => x.Rungs))
        {
            Assert.All(rung.Adds.Where(x => x.Kind is not (TeachableKind.RimeUnit or TeachableKind.Cluster)), x => Assert.True(Notes.Of(x) is { Point.Length: > 0 }, $"{x}"));
        }
    }

    [Fact]
    public void Every_word_that_a_note_on_a_cluster_or_a_rime_gives_has_it_and_what_goes_against_it_has_it_not()
    {
        var notes = Notes.Parts.Where(x => x.Part[0] is '&' or '~').Select(x => (Note: x, Run: GraphemeRun.Parse(x.Part[1..]))).ToList();
        Assert.True(notes.Count >= 60, $"{notes.Count}");
        Assert.All(notes, x =>
        {
            var words = x.Note.Place[..x.Note.Place.IndexOfAny(['.', ':'])].Replace("at the end", "", StringComparison.Ordinal).Split([',', ';', ' '], StringSplitOptions.RemoveEmptyEntries)
                .Concat(Example().Match(x.Note.Point) is { Success: true } example ? [example.Groups[1].Value] : []);
            Assert.All(words, word => Assert.True(Readings(word).Any(r => Enumerable.Range(0, r.Segments.Count).Any(i => x.Run.StandsAt(r, i))), $"{x.Note.Part}: {word}"));
            var against = x.Note.Place.IndexOf("Against: ", StringComparison.Ordinal) is var at and >= 0 ? SentenceBank.WordsOf(x.Note.Place[(at + 9)..]).Where(w => w.Contains(x.Run.Letters, StringComparison.Ordinal)) : [];
            Assert.All(against, word => Assert.Contains(Readings(word), r => !Enumerable.Range(0, r.Segments.Count).Any(i => x.Run.StandsAt(r, i))));
        });
    }

    [Fact]
    public void A_day_of_a_cluster_and_a_day_of_a_rime_unit_have_their_own_point_and_line()
    {
        var ladder = World.LadderOf("s:s t:t a:a p:p n:n e:e b:b ll:l &s:s,t:t ~e:e,ll:l", "5 2 1");
        var stock = World.Stock(ladder, Accent.SouthernBritish);
        foreach (var place in new[] { 8, 9 })
        {
            var standing = World.StandingOf(ladder, World.LogOf(ladder.Rungs.Take(place)), stock.Rules);
            var lesson = LessonComposer.Compose(new LessonBrief(stock, standing, ClassConventions.Usual, World.Year.SchoolDays[place], ladder.Rungs[place], 25, 3));
            Assert.Contains(ladder.Rungs[place].Label, Assert.Single(DayPoint.Of(lesson, Notes, stock, [])).Written!.Replace(", ", "", StringComparison.Ordinal).Replace("runs into ", "", StringComparison.Ordinal), StringComparison.Ordinal);
            Assert.NotEmpty(Assert.Single(PartTeaching.Of(lesson, Notes, stock, standing.Things)).Place);
        }
    }

    [Fact]
    public void The_point_of_tricky_words_is_what_is_odd_in_them_and_what_several_share_is_said_once()
    {
        const string Letters = "s:s a:a d:d i:i y:y c:k w:w l:l sh:sh o:o u:u e:e f:f r:r m:m";
        string[] Odd(string words, string before = Letters)
        {
            var ladder = World.LadderOf($"{before} {words}");
            var rung = ladder.Rungs[^1];
            var standing = World.StandingOf(ladder, World.LogOf(ladder.Rungs.SkipLast(1)), World.South.Rules);
            var brief = new LessonBrief(World.South, standing, ClassConventions.Usual, World.Year.SchoolDays[0], rung, 25, 3);
            var lesson = LessonComposer.Compose(brief);
            var made = Assert.Single(DayPoint.Of(lesson, Notes, World.South, TrickyTeaching.Of(lesson, brief.Judge, World.South))).Made!;
            Assert.Equal(PointCode.Tricky, made.Code);
            return [.. made.Arguments];
        }

        Assert.Equal(["said", "ai:e", "says", "ay:e,s:z"], Odd("!said+!says"));
        Assert.Equal(["could,would,should", "oul:uu"], Odd("!could+!would+!should"));
        Assert.Equal(["come", "o_e:u", "from", ""], Odd("!come+!from"));
        Assert.Equal(["you", "ou:oo"], Odd("!you", "m:m a:a s:s")); // its y is only still to come
        Assert.Equal(["me"], Odd("!me", "m:m e:ee"));
    }

    [Fact]
    public void Letters_that_say_two_sounds_have_the_point_of_both_and_those_with_a_y_before_them_one()
    {
        string?[] Points(WordStock stock, string rung)
        {
            var ladder = LadderText.Parse($"name\tx\n[One]\t5 2 1\n{"s:s a:a t:t m:m l:l k:k b:b f:f n:n".Replace(' ', '\n')}\n{rung}");
            var standing = World.StandingOf(ladder, World.LogOf(ladder.Rungs.SkipLast(1)), stock.Rules);
            return [.. DayPoint.Of(LessonComposer.Compose(new LessonBrief(stock, standing, ClassConventions.Usual, World.Year.SchoolDays[0], ladder.Rungs[^1], 25, 3)), Notes, stock, []).Select(x => x.Written)];
        }

        Assert.Equal([Notes.Of(Teachable.Of(Correspondence.Parse("oo:oo")))!.Point, Notes.Of(Teachable.Of(Correspondence.Parse("oo:uu")))!.Point], Points(World.South, "oo:oo oo:uu"));
        Assert.Equal([Notes.Of(Teachable.Of(Correspondence.Parse("ew:oo")))!.Point], Points(World.Us, "ew:y+oo ew:oo"));
    }

    [Fact]
    public void What_is_new_and_has_no_room_in_the_point_is_named()
    {
        var ladder = World.LadderOf("s:s a:a t:t m:m n:n i:i p:p u:u j:j -s+-ed+-ing");
        var lesson = LessonComposer.Compose(World.BriefAt(ladder, World.South, ladder.Rungs.Count - 1, 3));
        var point = DayPoint.Of(lesson, Notes, World.South, []);
        Assert.Equal(3, point.Count);
        Assert.Equal(MadePoint.Of(PointCode.Too, "-ing"), point[^1].Made);
    }

    [Fact]
    public void A_schools_own_point_stands_in_place_of_ours()
    {
        var ladder = World.LadderOf("s:s a:a");
        var (standing, own) = (World.StandingOf(ladder, []), ladder.Rungs[0] with { Point = "s hisses like Sidney." });
        PointLine Point(Rung rung) => Assert.Single(DayPoint.Of(LessonComposer.Compose(new LessonBrief(World.South, standing, ClassConventions.Usual, World.Year.SchoolDays[0], rung, 25, 3)), Notes, World.South, []));
        Assert.Equal("s hisses like Sidney.", Point(own).Written);
        Assert.Equal(Notes.Of(own.Adds[0])!.Point, Point(own with { Point = "" }).Written);
        Assert.Contains(Ladder.Check(own with { Point = new string('s', 200) }), x => x.Sentence.Contains("too long", StringComparison.Ordinal));
    }

    [Fact]
    public void No_lesson_is_without_a_point_and_none_leaves_the_adult_without_a_line()
    {
        foreach (var (ladder, stock) in new[] { (World.Estuary, World.South), (World.Ridge, World.Us) })
        {
            for (var place = 0; place < ladder.Rungs.Count; place += 3)
            {
                var standing = World.StandingOf(ladder, World.LogOf(ladder.Rungs.Take(place)), stock.Rules);
                var lesson = LessonComposer.Compose(new LessonBrief(stock, standing, ClassConventions.Usual, World.Year.SchoolDays[place], ladder.Rungs[place], 25, 3));
                var point = DayPoint.Of(lesson, Notes, stock, []);
                Assert.NotEmpty(point);
                Assert.All(point, x => Assert.True(x.Written is { Length: > 0 } || x.Made is not null));
                var parts = PartTeaching.Of(lesson, Notes, stock, standing.Things).Where(x => x.Part.Kind == TeachableKind.Correspondence).ToList();

                // Of one sound with several spellings it is said once how it is said, and of each spelling where it stands.
                Assert.All(parts, x => Assert.True(x.Say.Length > 0 || (x != parts[0] && x.Places is not null), $"{lesson.Title}: {x.Part.Label}"));

                // And none is passed over: if stands alone is as much a part of the day as us and bus.
                Assert.True(lesson.Kind == LessonKind.Contrast || lesson.Teaches.Count(x => x.Kind == TeachableKind.Correspondence) == parts.Count, lesson.Title);
            }
        }
    }

    [Theory]
    [InlineData("x:k+s", "hiss straight after")]
    [InlineData("qu:k+w", "lips round")]
    [InlineData("le:schwa+l", "tongue tip up")]
    [InlineData("u_e:y+oo", "you")]
    [InlineData("p:p", "Hold up a strip of paper")]
    public void How_a_sound_is_said_is_what_its_note_says_and_of_two_in_one_both_are_told(string code, string told)
    {
        var ladder = World.LadderOf("a:a");
        var rung = ladder.Rungs[0] with { Adds = [Teachable.Of(Correspondence.Parse(code))] };
        var lesson = LessonComposer.Compose(new LessonBrief(World.South, World.StandingOf(ladder, []), ClassConventions.Usual, World.Year.SchoolDays[0], rung, 25, 3));
        var part = Assert.Single(PartTeaching.Of(lesson, Notes, World.South, new HashSet<Teachable>()));
        Assert.Contains(told, part.Say, StringComparison.Ordinal);
        Assert.Equal(Notes.Of(Correspondence.Parse(code).Sound, Accent.SouthernBritish)!.Say, part.Say);
        Assert.True(part.Slip.Length > 0 && part.Mend.Length > 0 && part.Together.Length > 0, code);
        Assert.Equal(Correspondence.Parse(code).Sound.SayIt, lesson.Blocks.First(x => x.Activity == Activity.Meet).Items[0].Spoken);

        // What the school wrote of its own rung stands in place of it.
        var own = LessonComposer.Compose(new LessonBrief(World.South, World.StandingOf(ladder, []), ClassConventions.Usual, World.Year.SchoolDays[0], rung with { SayIt = "As we do it." }, 25, 3));
        Assert.Equal("As we do it.", PartTeaching.Of(own, Notes, World.South, new HashSet<Teachable>())[0].Say);
    }

    [Fact]
    public void A_rung_of_many_doubled_letters_has_one_point_between_them()
    {
        var ladder = World.LadderOf("m:m+bb:b+gg:g+mm:m");
        var standing = World.StandingOf(ladder, []);
        var lesson = LessonComposer.Compose(new LessonBrief(World.South, standing, ClassConventions.Usual, World.Year.SchoolDays[0], ladder.Rungs[0] with { Adds = [.. ladder.Rungs[0].Adds.Skip(1)] }, 25, 3));
        Assert.Equal(PointCode.Doubled, Assert.Single(DayPoint.Of(lesson, Notes, World.South, [])).Made!.Code);
    }

    private static IEnumerable<Ladder> Ladders() =>
        new[] { "demo", "starters" }.SelectMany(x => Directory.GetFiles(Path.Combine(World.Root, "data", x), "*.ladder.tsv")).Select(x => LadderText.Parse(File.ReadAllText(x)));

    private static IEnumerable<Core.Words.Segmentation> Readings(string word) =>
        new[] { World.South, World.Us }.SelectMany(x => x.Words.Find(word)?.Readings ?? []);

    private static readonly IReadOnlyList<SchoolWords> Everywhere = [.. Accent.All.Select(x => World.WordsOf(x))];

    private static IEnumerable<Core.Words.Segmentation> AllReadings(string word) => Everywhere.SelectMany(x => x.Find(word)?.Readings ?? []);

    // The accents of the tests may say the letters otherwise: the note is about the letters.
    private static bool SameLetters(Correspondence found, Correspondence part) => found.Grapheme == part.Grapheme;

    // Sounds that are only compared where nothing nearer is taught.
    private static bool IsFarFetched((string One, string Other) pair) =>
        pair is ("f", "wh") or ("or", "ure") or ("aw", "o") or ("sh", "zh") or ("s", "f") or ("dh", "v") or ("dh", "th");

    [GeneratedRegex(@"^(?:(?:Mostly last|Last): )?(?<list>[A-Za-z]+(?:, [A-Za-z]+)+)\.")]
    private static partial Regex WordList();

    [GeneratedRegex(@": ([a-z]+)\.$")]
    private static partial Regex Example();
}
