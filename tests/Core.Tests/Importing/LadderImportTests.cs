using BoldLadder.Core.Importing;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Tests.Importing;

public class LadderImportTests
{
    [Fact]
    public void Words_with_nothing_to_show_are_left_out_and_said()
    {
        var read = Read("ar as in car", "Words: zigzag, unicorn", "or as in fork");
        Assert.Contains(read.LeftOut, x => x.Source.Cell == "A2");
    }

    [Theory]
    // Two letters of a week have two of its four new days each; the first of all is met once, and read with from the second on.
    [InlineData("Week 1|n, i;Week 2|t, a;Week 3|m, d", "1 3 2 2 2 2")]
    [InlineData("Week 1|baseline;Week 2|n, i;Week 3|t, a", "4 1 3 2 2")]
    [InlineData("Week 1|ai;Week 2|ee, ea;Week 3|igh, ie, y;Week 4|review", "4 2 2 1 1 2 4")]
    [InlineData("Weeks 1-2|ai, ay;Week 3|ee;Week 4|oa", "4 4 4 4")]
    [InlineData("14/09/2026|ai;21/09/2026|ee;28/09/2026|oa;05/10/2026|igh", "4 4 4 4")]
    // A month is one of weeks of its own.
    [InlineData("Week|September|October;1|ai|igh;2|ee|or;3|oa|ar", "4 4 4 4 4 4")]
    // What says itself how long it takes keeps it, and so does a sheet of days.
    [InlineData("Week 1|ai (3 days);Week 2|ee;Week 3|oa", "3 4 4")]
    [InlineData("14/09/2026|ai;15/09/2026|ee;16/09/2026|oa;17/09/2026|igh", "1 1 1 1")]
    [InlineData("Week|Day|Sound;1|Mon|ai;1|Tue|ee;2|Mon|oa;2|Tue|igh;3|Mon|or;3|Tue|ar", "1 1 1 1 1 1")]
    [InlineData("Set 1|n, i;Set 2|t, a;Set 3|m, d", "1 1 1")]
    public void A_sheet_that_goes_by_weeks_fills_each_with_what_stands_in_it(string rows, string days) =>
        Assert.Equal(days, string.Join(' ', Imports.Read(Sheet.Of("Plan", rows.Split(';').Select(x => (IReadOnlyList<string>)x.Split('|')))).Rungs.Select(x => x.Rung.Days)));

    [Theory]
    [InlineData("m/o/t/s/n/a", "m o t s n a")]
    [InlineData("w, ss/ll/ff/zz", "w ss, ll, ff, zz")]
    [InlineData("c/k/ck", "c, k, ck")]
    public void Letters_with_strokes_between_are_one_thing_to_learn_where_they_are_few(string cell, string rungs) =>
        Assert.Equal(rungs, string.Join(' ', Imports.Read(Sheet.Of("Plan", [[$"Autumn 1: {cell}"], ["Autumn 2: ai, ee"]])).Rungs.SkipLast(2).Select(x => x.Rung.Label)));

    [Theory]
    // A half-term has six weeks of four days for what is new; a sound is taught for a week at most.
    [InlineData("Half term|Sounds;Autumn 1|ai, ee, igh, oa, or, ar, ur, oi, oy, ear;Autumn 2|air, ph, ay, wh, aw, au", "2 2 3 2 3 2 2 3 2 3 4 4 4 4 4 4")]
    [InlineData("Term|Sounds;Term 1|ai, ee, igh, oa;Term 2|or, ar, ur, oi;Term 3|ay, ear, air, oy", "4 4 4 4 4 4 4 4 4 4 4 4")]
    [InlineData("Month|Sounds;September|ai, ee, igh, oa, or, ar;October|ur, oi, oy, ear", "2 2 2 2 2 2 3 3 3 3")]
    [InlineData("Half term|Sounds;Autumn 1 (4 weeks)|ai, ee, igh, oa, or, ar, ur, oi;Autumn 2 (2 weeks)|ay, ear, air, oy", "2 2 2 2 2 2 2 2 2 2 2 2")]
    // The first letters of all are met on a day each, and the next on two.
    [InlineData("Half term|Sounds;Autumn 1|n, i, t, a, m, d, g, o;Autumn 2|c, k, e, u", "1 1 1 1 1 1 2 2 4 4 4 4")]
    // What nobody can tell the length of, and what says its days itself.
    [InlineData("Unit|Sounds;Unit 1|ai, ee, or, ar;Unit 2|igh, oa, ur, oi", "1 1 1 1 1 1 1 1")]
    [InlineData("Term|Sounds;Term 1|ai, ee, or, ar;Term 2|igh, oa, ur, oi", "1 1 1 1 1 1 1 1")]
    [InlineData("Half term|Sounds|Days;Autumn 1|ai|2;Autumn 1|ee|1;Autumn 2|igh|1;Autumn 2|oa|1", "2 1 1 1")]
    public void A_sheet_that_goes_by_terms_alone_fills_each_evenly(string rows, string days) =>
        Assert.Equal(days, string.Join(' ', Imports.Read(Sheet.Of("Plan", rows.Split(';').Select(x => (IReadOnlyList<string>)x.Split('|')))).Rungs.Select(x => x.Rung.Days)));

    [Theory]
    [InlineData("Sheet1", "Our order")]
    [InlineData("Pasted", "Our order")]
    [InlineData("Reception", "Reception")]
    public void A_ladder_is_called_as_its_sheet_where_that_has_a_name(string sheet, string name) =>
        Assert.Equal(name, Imports.Read(Sheet.Of(sheet, [["n", "net"], ["e", "egg"], ["t", "tap"]])).Name);

    // The week of 16 November has ai until Tuesday, ay until Thursday.
    [Theory]
    [InlineData("2026-11-16", "ee", 0)]
    [InlineData("2026-11-17", "ee", 1)]
    [InlineData("2026-11-18", "ai", 0)]
    [InlineData("2026-11-19", "ai", 1)]
    [InlineData("2026-11-20", "ay", 0)]
    [InlineData("2026-11-25", "ay", 2)]
    [InlineData("2026-11-27", "oa", 0)]
    public void A_group_has_been_taught_what_has_had_its_days_of_the_week_and_begun_the_next(string today, string last, int begun)
    {
        var read = Imports.Read(Sheet.Of("Plan", [["Week beginning", "Sound"], ["09/11/2026", "ee"], ["16/11/2026", "ai, ay"], ["23/11/2026", "oa"], ["30/11/2026", "igh"]]));
        var day = DateOnly.Parse(today, System.Globalization.CultureInfo.InvariantCulture);
        Assert.Equal((last, begun), (read.TaughtUpTo(day)!.Label, read.DaysOfNext(day)));
    }

    // As many sounds as the week has days: each has its own.
    [Theory]
    [InlineData("2026-11-16", "igh")]
    [InlineData("2026-11-17", "or")]
    [InlineData("2026-11-19", "ur")]
    [InlineData("2026-11-20", "oi")]
    public void A_week_with_a_sound_for_each_day_has_been_taught_up_to_yesterdays(string today, string last)
    {
        var read = Imports.Read(Sheet.Of("Plan", [["Week beginning", "Sound"], ["09/11/2026", "ai, ee, oa, igh"], ["16/11/2026", "or, ar, ur, oi"], ["23/11/2026", "ear, air, oy, ay"]]));
        Assert.Equal(last, read.TaughtUpTo(DateOnly.Parse(today, System.Globalization.CultureInfo.InvariantCulture))!.Label);
    }

    [Theory]
    [InlineData(5, "1 4 2 3")]
    [InlineData(3, "1 2 1 2")]
    public void A_week_has_as_many_new_days_as_the_school_gives_it(int newDays, string days)
    {
        var import = new LadderImport(Imports.Table, Imports.Words, new SpellingShares(Imports.Words, Imports.Table)) { NewDays = newDays };
        var sheet = Sheet.Of("Plan", [["Week 1", "n, i"], ["Week 2", "t, a"], ["Week 3", "m"]]);
        var read = import.Read([sheet], 0, new Dictionary<int, ColumnRole>(), new Dictionary<string, string>());
        Assert.Equal(days, string.Join(' ', read.Rungs.Take(4).Select(x => x.Rung.Days)));
    }

    [Fact]
    public void A_sheet_says_whether_its_weeks_were_filled()
    {
        Assert.Equal(FilledBy.Weeks, Read("Week 1: ai", "Week 2: ee", "Week 3: oa").Filled);
        Assert.Equal(FilledBy.Terms, Read("Autumn 1", "ai, ee", "Autumn 2", "oa, igh").Filled);
        Assert.Equal(FilledBy.Nothing, Read("ai", "ee", "oa").Filled);
    }

    [Theory]
    [InlineData("n:n", "nut", "nut")]
    [InlineData("ow:oa", "cow", "low")] // the other sound of it
    [InlineData("n:n", "", "net")]
    public void A_part_is_shown_back_by_the_word_that_the_sheet_has_for_it(string part, string told, string shown) =>
        Assert.Equal(shown, new SpellingShares(Imports.Words, Imports.Table).ExampleOf(Correspondence.Parse(part), told));

    [Theory]
    [InlineData("sh", "sh:sh")]
    [InlineData("SH", "sh:sh")]
    [InlineData("sh (ship)", "sh:sh")]
    [InlineData("/sh/", "sh:sh")]
    [InlineData("sh /ʃ/", "sh:sh")]
    [InlineData("a-e", "a_e:ai")]
    [InlineData("a_e", "a_e:ai")]
    [InlineData("a–e", "a_e:ai")]
    [InlineData("a...e", "a_e:ai")]
    [InlineData("a e (split)", "a_e:ai")]
    [InlineData("-ed", "-ed")]
    [InlineData("ed (jumped)", "-ed")]
    [InlineData("ear as in hear", "ear:ear")]
    [InlineData("ear as in bear", "ear:air")]
    [InlineData("y (at the end: happy)", "y:ee")]
    [InlineData("c (soft)", "c:s")]
    [InlineData("soft g", "g:j")]
    [InlineData("long oo", "oo:oo")]
    [InlineData("oo (short)", "oo:uu")]
    [InlineData("ss/ll/ff", "ss:s ll:l ff:f")]
    [InlineData("th (both)", "th:th th:dh")]
    [InlineData("th (thin, this)", "th:th th:dh")]
    [InlineData("oo /uː/", "oo:oo")]
    [InlineData("ow (cow)", "ow:ow")]
    [InlineData("ow /oa/", "ow:oa")]
    [InlineData("long a: ai, ay", "ai:ai ay:ai")]
    [InlineData("nk", "n:ng")]
    [InlineData("Aa", "a:a")]
    [InlineData("“igh” as in “night”", "igh:igh")]
    [InlineData("two-syllable words", "twoSyllables")]
    [InlineData("CVCC words", "pairAtEnd")]
    [InlineData("suffix -ing", "-ing")]
    [InlineData("st- (stop)", "&s:s t:t")]
    [InlineData("-y (windy)", "-y")]
    [InlineData("-y (happy)", "y:ee")]
    [InlineData("g before e, i and y: giant", "g:j")]
    public void However_a_part_is_written_it_is_read(string cell, string gives) => Assert.Equal(gives, string.Join(' ', Read(cell).Rungs.SelectMany(x => x.Rung.Adds).Select(Written)));

    [Theory]
    [InlineData("ow", "oa", "ow")]
    [InlineData("th", "th,dh", "th", "dh")]
    [InlineData("oo", "oo,uu", "oo", "uu")]
    [InlineData("sh (chip)", "sh")]
    public void What_a_cell_does_not_say_is_asked_and_nothing_is_taken(string cell, params string[] choices)
    {
        var read = Read(cell);
        var doubt = Assert.Single(read.Doubts);
        Assert.Equal(choices, doubt.Choices.Select(x => x.Key));
        Assert.Null(doubt.Answer);
        Assert.Empty(read.Rungs.SelectMany(x => x.Rung.Adds));
    }

    [Fact]
    public void A_spelling_met_again_is_its_other_sound_where_that_is_plain_and_asked_where_it_is_not()
    {
        Assert.Equal("c:k a:a t:t c:s", Teaches(Read("c", "a", "t", "c")));
        Assert.Equal("ea:ee oa:oa ea:e", Teaches(Read("ea", "oa", "ea")));
        var again = Assert.Single(Read("y", "a", "t", "y").Doubts);
        Assert.Contains(again.Choices, x => x.Key == DoubtChoice.Again);
    }

    [Fact]
    public void A_vowel_met_again_is_gone_over_among_the_first_letters_and_its_other_sound_after_vowels_of_two()
    {
        Assert.Equal("d:d o:o g:g", Teaches(Read("d", "o", "g", "o")));
        Assert.Equal("d:d o:o ai:ai g:g o:oa", Teaches(Read("d", "o", "ai", "g", "o")));
    }

    [Fact]
    public void Letters_met_before_and_written_together_are_gone_over()
    {
        var read = Read("s", "a", "c", "s a c");
        Assert.Equal(RungKind.Consolidation, read.Rungs[^1].Rung.Kind);
        Assert.Equal(4, read.Rungs.Count);
    }

    [Theory]
    [InlineData("cow (ow);oa;o-e", "compare oa, ow and o_e", "oa:oa o_e:oa")] // the ow of snow is not taught yet
    [InlineData("a;m;t;a-e", "compare a and a-e", "a:a a_e:ai")]
    [InlineData("a;d;b", "contrast: b, d", "b:b d:d")]
    public void A_contrast_is_of_what_it_names_as_far_as_that_is_taught(string before, string named, string gives)
    {
        var last = Read([.. before.Split(';'), named]).Rungs[^1].Rung;
        Assert.Equal((RungKind.Contrast, gives), (last.Kind, string.Join(' ', last.Adds.Select(Written))));
    }

    [Fact]
    public void Two_consonants_alone_after_all_that_stand_together_are_one_spelling()
    {
        string[] letters = ["s", "c", "t", "consonants together at the start"];
        Assert.Equal("sc:s", string.Join(' ', Read([.. letters, "sc"]).Rungs[^1].Rung.Adds.Select(Written)));
        Assert.Equal("&s:s c:k", string.Join(' ', Read([.. letters[..3], "sc"]).Rungs[^1].Rung.Adds.Select(Written)));
        Assert.Equal("&s:s c:k", string.Join(' ', Read([.. letters, "st, sp", "sc"]).Rungs[^1].Rung.Adds.Select(Written)));
    }

    [Fact]
    public void An_answer_settles_every_spelling_that_the_same_was_asked_of()
    {
        var sheet = Sheet.Of("Plan", new[] { "u-e", "ue", "ew" }.Select(x => (IReadOnlyList<string>)[x]));
        var read = Imports.Read(sheet, new Dictionary<string, string> { ["long-u"] = "oo" });
        Assert.Equal("u_e:oo ue:oo ew:oo", Teaches(read));
        Assert.Single(read.Doubts);
    }

    [Fact]
    public void Shapes_of_word_grow_along_an_imported_ladder()
    {
        var lines = "m o b t a n d e l i g u s h r f c k ck p w j v x y z sh ch th ng ai ee igh oa ar or ur oi ear air".Split(' ');
        var ladder = Read(lines).Ladder!;
        var shapes = ladder.Sections.Select(x => x.Shape).ToList();
        Assert.Equal(shapes.OrderBy(x => x.Boxes).ThenBy(x => x.Together), shapes);
        Assert.Equal(3, shapes[0].Boxes);
    }

    [Fact]
    public void An_order_for_beginners_that_names_no_longer_words_keeps_to_short_ones_until_long_vowels_have_come()
    {
        var letters = "o t h i n d g e c s u p b r ck l f m a j ll w v sh ss ch th ng z y x qu zz k";
        WordShape[] ShapesOf(string lines) => [.. Read(lines.Split(' ')).Ladder!.Sections.Select(x => x.Shape)];
        Assert.All(ShapesOf(letters), x => Assert.Equal((1, true), (x.Syllables, x.Together <= 2)));
        Assert.Equal(1, ShapesOf(letters)[0].Together);
        var whole = ShapesOf($"{letters} ai ee igh oa ar or ur oi ear air ay oy ir ue aw au wh ph ew oe a_e i_e o_e e_e");
        Assert.True(whole[^1] is { Together: 3, Syllables: 2 or 3 }, whole[^1].ToString());
    }

    [Fact]
    public void A_tricky_word_has_its_capital_where_it_has_one_in_a_sentence() =>
        Assert.Equal(["Mr", "Mrs", "London", "I", "the"], Read("s", "a", "t", "tricky: mr, Mrs, london, I, The").Rungs.SelectMany(x => x.Rung.TrickyWords));

    [Fact]
    public void A_tricky_word_written_twice_in_its_cell_is_taught_once_and_not_lost()
    {
        var read = Read("s", "a", "Tricky words: the, to, the");
        Assert.Equal("the to", string.Join(' ', read.Rungs.SelectMany(x => x.Rung.TrickyWords)));
        Assert.Contains(read.LeftOut, x => x.Source.Text == "the" && x.Reason == LeftOutReason.Repeated);
    }

    [Fact]
    public void A_sound_beside_which_no_letters_stand_is_told()
    {
        var sheet = Sheet.Of("Plan", [["Sound", "Spelling"], ["/ai/", "ai"], ["/ee/", ""], ["/oa/", "oa"]]);
        var read = Imports.Read(sheet);
        Assert.Contains(read.LeftOut, x => x.Source.Cell == "A3" && x.Reason == LeftOutReason.NotRead);
    }

    [Fact]
    public void Again_among_words_to_learn_by_heart_is_one_of_them_though_nothing_heads_them()
    {
        var sheet = Sheet.Of("Plan", [["n"], ["o", "the"], ["d", "to"], ["g", "again"], ["e", "said"], ["t", "no"]]);
        var read = Imports.Read(sheet);
        Assert.Equal("the to again said no", string.Join(' ', read.Rungs.SelectMany(x => x.Rung.TrickyWords)));
    }

    [Fact]
    public void Years_down_the_side_of_terms_are_taught_one_after_another_a_term_at_a_time()
    {
        var sheet = Sheet.Of("Plan", [["", "Autumn", "Spring", "Summer"], ["Reception", "m, o", "d, a", "g, t"], ["Year 1", "ai, ee", "oi, ar", "ur, igh"]]);
        var read = Imports.Read(sheet);
        Assert.Equal("Reception Autumn: m o; Reception Spring: d a; Reception Summer: g t; Year 1 Autumn: ai ee; Year 1 Spring: oi ar; Year 1 Summer: ur igh", Written(read));
    }

    [Fact]
    public void Lists_side_by_side_are_taught_one_after_another()
    {
        var sheet = Sheet.Of("Plan", [["Red list", "Blue list", "Green list"], ["m", "b", "sh"], ["a", "l", "ch"], ["t", "e", "ng"]]);
        var read = Imports.Read(sheet);
        Assert.Equal("Red list: m a t; Blue list: b l e; Green list: sh ch ng", Written(read));
    }

    [Theory]
    [InlineData("Common words:")]
    [InlineData("Tricky words")]
    [InlineData("Words to know on sight")]
    public void Words_under_a_heading_of_their_own_in_a_list_are_learnt_together(string heading)
    {
        var read = Read("o", "d", "g", heading, "I", "no", "Spring", "ai");
        Assert.Equal(["o", "d", "g", "I no", "ai"], read.Rungs.Select(x => string.Join(' ', x.Rung.Adds.Select(a => a.Label).Concat(x.Rung.TrickyWords))));
    }

    private static string Written(ImportedLadder read) => string.Join("; ", read.Ladder!.Sections.Select(x => $"{x.Name}: {string.Join(' ', x.Rungs.SelectMany(r => r.Adds).Select(a => a.Label))}"));

    [Fact]
    public void What_stands_in_a_planner_under_no_day_is_told()
    {
        var sheet = Sheet.Of("Plan", [
            ["Our plan"], ["Week 1", "Monday", "Tuesday", "Wednesday"], ["Sound", "m", "o", "t", "with Ana"],
            ["Week 2", "Monday", "Tuesday", "Wednesday"], ["Sound", "n", "i", "g"]]);
        var read = Imports.Read(sheet);
        Assert.Equal(6, read.Rungs.Count);
        Assert.Equal(["A1", "E3"], read.LeftOut.Select(x => x.Source.Cell));
    }

    [Fact]
    public void A_sheet_with_dates_says_how_far_a_group_has_come()
    {
        var sheet = Sheet.Of("Plan", [["Date", "Sound"], ["2026-11-16", "s"], ["2026-11-17", "a"], ["2026-11-24", "t"], ["2026-11-25", "p"]]);
        var read = Imports.Read(sheet);
        Assert.Equal("a", read.TaughtUpTo(new DateOnly(2026, 11, 24))?.Label);
        Assert.Null(read.TaughtUpTo(new DateOnly(2026, 11, 16)));
        Assert.Null(Read("s", "a").TaughtUpTo(new DateOnly(2026, 11, 24)));
    }

    [Theory]
    [InlineData("Week of|Sound;7 Sept|ee;14 Sept|ai;21 Sept|oa;28 Sept|igh")]
    [InlineData("w/c|Sound;7/9|ee;14/9|ai;21/9|oa;28/9|igh")]
    [InlineData("Date|Sound;Monday 7th September|ee;Monday 14th September|ai;Monday 21st September|oa;Monday 28th September|igh")]
    [InlineData("Week|Sound;w/b 7 Sep|ee;w/b 14 Sep|ai;w/b 21 Sep|oa;w/b 28 Sep|igh")]
    [InlineData("w/c 7 September: ee;w/c 14 September: ai;w/c 21 September: oa;w/c 28 September: igh")]
    [InlineData("Starts|Sound;Sept 7, 2026|ee;Sept 14, 2026|ai;Sept 21, 2026|oa;Sept 28, 2026|igh")]
    public void Days_without_a_year_lie_in_the_year_of_the_school(string rows)
    {
        var import = new LadderImport(Imports.Table, Imports.Words, new SpellingShares(Imports.Words, Imports.Table)) { YearBegins = new DateOnly(2026, 9, 2) };
        var read = import.Read([Sheet.Of("Plan", rows.Split(';').Select(x => (IReadOnlyList<string>)x.Split('|')))], 0, new Dictionary<int, ColumnRole>(), new Dictionary<string, string>());
        Assert.Equal("ee 2026-09-07 4, ai 2026-09-14 4, oa 2026-09-21 4, igh 2026-09-28 4", string.Join(", ", read.Rungs.Select(x => $"{x.Rung.Label} {x.Date:yyyy-MM-dd} {x.Rung.Days}")));
    }

    [Theory]
    [InlineData("31 Aug", "2026-08-31")]
    [InlineData("5 January", "2027-01-05")]
    [InlineData("12th of July", "2027-07-12")]
    public void A_plan_runs_from_the_last_days_before_term_to_the_summer_after(string day, string date)
    {
        var import = new LadderImport(Imports.Table, Imports.Words, new SpellingShares(Imports.Words, Imports.Table)) { YearBegins = new DateOnly(2026, 9, 2) };
        var read = import.Read([Sheet.Of("Plan", [["Date", "Sound"], [day, "ee"]])], 0, new Dictionary<int, ColumnRole>(), new Dictionary<string, string>());
        Assert.Equal(date, $"{read.Rungs[0].Date:yyyy-MM-dd}");
    }

    [Theory]
    [InlineData("all", "a:aw ll:l")]
    [InlineData("ight", "igh:igh t:t")]
    [InlineData("st", "s:s t:t")]
    [InlineData("str", "s:s t:t r:r")]
    [InlineData("stand", "s:s t:t, n:n d:d, a:a n:n d:d")]
    [InlineData("-tion", "ti:sh o:schwa n:n")]
    [InlineData("ness", "n:n e:schwa ss:s")]
    [InlineData("q", "")]
    [InlineData("zzz", "")]
    public void Letters_offer_what_is_taught_as_one_and_a_word_what_is_in_it(string typed, string offered)
    {
        var meant = new MeantRuns(Imports.Words).Of(typed);
        Assert.All(offered.Split(", ", StringSplitOptions.RemoveEmptyEntries), x => Assert.Contains(meant, m => m.Thing.Key == x && m.Words > 0));
        Assert.Equal(offered.Length == 0, meant.Count == 0);
    }

    [Theory]
    [InlineData("ow", "ow:oa ow:ow")]
    [InlineData("snow", "s:s n:n ow:oa")]
    [InlineData("a-e", "a_e:ai a_e:i")]
    [InlineData("a–e", "a_e:ai a_e:i")]
    [InlineData("-ing", "ing")]
    [InlineData("OW:oa", "ow:oa")]
    [InlineData("qxz", "")]
    public void Letters_offer_their_sounds_a_word_its_parts_and_a_hyphen_an_ending(string typed, string offered) =>
        Assert.Equal(offered, string.Join(' ', new MeantParts(Imports.Words, new SpellingShares(Imports.Words, Imports.Table)).Of(typed).Select(x => x.Thing.Key)));

    [Fact]
    public void A_telephone_number_beside_another_counts_no_weeks()
    {
        var sheet = Sheet.Of("Plan", [["", "07700900123", "07700900124"], ["Week", "Sounds", "Notes"], ["1", "n", ""], ["2", "o", ""], ["3", "d", ""]]);
        Assert.Equal("n:n o:o d:d", Teaches(Imports.Read(sheet)));
    }

    [Fact]
    public void An_import_never_yields_a_part_that_its_cell_does_not_support()
    {
        string[] pool =
        [
            "o", "n", "d", "sh (ship)", "th", "ow", "oo (moon)", "a-e", "ck, k", "ss/ll", "-ed", "the, to", "I", "Review", "Half term", "bl cl", "two syllables", "ea as in head", "/ee/ ea, ey",
            "long a: ai ay", "tion", "12", "", "Week 4", "Autumn 2", "Some notes about the class", "ai\nrain, tail", "qu", "x", "y", "igh night", "are", "c (soft)", "er", "ue (blue)", "Tricky words: was, said", "?", "sh - ship, shop",
        ];
        var dice = new Random(20261125);
        for (var turn = 0; turn < 250; turn++)
        {
            var (rows, columns) = (dice.Next(1, 14), dice.Next(1, 6));
            var sheet = Sheet.Of("Plan", Enumerable.Range(0, rows).Select(_ => (IReadOnlyList<string>)[.. Enumerable.Range(0, columns).Select(_ => pool[dice.Next(pool.Length)])]));
            var read = Imports.Read(sheet);
            foreach (var rung in read.Rungs)
            {
                var stands = string.Join('\n', rung.Sources.Select(x => x.Text)).ToLowerInvariant();
                Assert.All(rung.Rung.Adds.Where(x => x.Structure is null), x => Assert.True(Letters(x).All(l => stands.Contains(l, StringComparison.Ordinal)), $"{x.Label} out of: {stands}"));
                Assert.All(rung.Rung.TrickyWords, x => Assert.Contains(x.ToLowerInvariant(), stands, StringComparison.Ordinal));
                Assert.Equal(rung.Rung.Adds.Count, rung.Rung.Adds.Distinct().Count());
            }

            // What is taught is taught once.
            var taught = read.Rungs.SelectMany(x => x.Rung.Adds).ToList();
            Assert.Equal(taught.Count, taught.Distinct().Count());
            Assert.Null(read.Problem);
        }
    }

    [Fact]
    public void A_week_with_nothing_new_goes_over_what_is_known()
    {
        var read = Read("Sounds", "m", "o", "d", "Nothing new", "g");
        Assert.Equal(RungKind.Consolidation, read.Rungs[3].Rung.Kind);
        Assert.Equal("m:m o:o d:d g:g", Teaches(read));
    }

    private static IEnumerable<string> Letters(Teachable thing) => thing.Correspondence is { } part ? part.Grapheme.Text.Split('_') : thing.Ending is { } ending ? [ending] : [thing.Run!.Letters];

    private static string Teaches(ImportedLadder read) => string.Join(' ', read.Rungs.SelectMany(x => x.Rung.Adds).Select(Written));

    private static string Written(Teachable thing) => thing.Kind switch { TeachableKind.Ending => thing.Label, TeachableKind.Cluster => "&" + thing.Key, _ => thing.Key };

    private static ImportedLadder Read(params string[] lines) => Imports.Read(Sheet.Of("Plan", lines.Select(x => (IReadOnlyList<string>)[x])));
}
