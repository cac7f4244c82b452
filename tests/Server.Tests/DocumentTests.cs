using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Lessons;
using BoldLadder.Core.Notes;
using BoldLadder.Core.Sounds;
using BoldLadder.Server.Phrasing;
using BoldLadder.Server.Storage;

namespace BoldLadder.Server.Tests;

/// <summary>Documents as earlier versions wrote them, and reasons as they are said.</summary>
public sealed class DocumentTests
{
    [Fact]
    public void A_ladder_of_the_first_version_is_read_with_all_that_its_rungs_add()
    {
        var ladder = StoredJson.Read<LadderDocument>("""
            {"name":"Old","sections":[{"id":"section-1","name":"All","shape":{"boxes":3,"together":1,"syllables":1},"rungs":[
              {"id":"a/b","kind":"teach","correspondences":["sh:sh"],"trickyWords":["was"],"endings":["ing","es"],"structures":["pairAtEnd"],"keyword":"ship",
               "sayIt":"","writeIt":"","notes":"","days":1,"rimeUnits":["a:aw ll:l"],"clusters":["s:s t:t"]},
              {"id":"older","kind":"check","correspondences":[],"trickyWords":[],"endings":[],"structures":[],"keyword":"","sayIt":"","writeIt":"","notes":"","days":1}]}]}
            """).ToCore();
        Assert.Equal(
            ["Correspondence sh:sh", "Ending ing", "Ending s", "Structure pairAtEnd", "RimeUnit a:aw ll:l", "Cluster s:s t:t"],
            ladder.Rungs[0].Adds.Select(x => x.ToString()));
        Assert.Equal(["a-b", "older"], ladder.Rungs.Select(x => x.Id));
        Assert.Equal(ladder.Rungs[0].Adds, StoredJson.Read<LadderDocument>(StoredJson.Write(LadderDocument.Of(ladder))).ToCore().Rungs[0].Adds);
    }

    [Fact]
    public void A_lesson_of_the_first_version_keeps_its_items_with_their_reasons_as_written()
    {
        const string Old = """
            {"kind":"newLearning","minutes":25,"rungId":"sh-sh","title":"sh","things":{"correspondences":["sh:sh"],"endings":[],"structures":[]},"trickyWords":[],"seed":7,
             "teaching":{"sayIt":"","writeIt":"","keyword":"","notes":""},"carried":[],
             "blocks":[{"part":"practise","activity":"read","items":[{"id":"i1","kind":"word","text":"ship","split":"sh:sh i:i p:p","release":"alone","locked":false,"forced":false,"reason":"It has sh, first.","spoken":""}]}]}
            """;
        var lesson = StoredJson.Read<LessonDocument>(Old).ToCore();
        Assert.Equal("sh:sh", Assert.Single(lesson.Teaches).Key);
        Assert.Empty(lesson.GoesOver);
        Assert.Equal("It has sh, first.", Phrases.Plain.Sentence(lesson.Items.Single().Reasons));
        var review = StoredJson.Read<LessonDocument>(Old.Replace("newLearning", "review", StringComparison.Ordinal)).ToCore();
        Assert.Empty(review.Teaches);
        Assert.Single(review.GoesOver);
    }

    [Fact]
    public void Edits_and_log_entries_of_the_first_version_are_read()
    {
        Assert.IsType<LadderEditDocument.Replace>(StoredJson.Read<StoredLadderEdit>("""
            {"kind":"replace","rung":{"id":"x","kind":"teach","correspondences":["sh:sh"],"trickyWords":[],"endings":[],"structures":[],"keyword":"","sayIt":"","writeIt":"","notes":"","days":1}}
            """).Edit);
        var removed = StoredJson.Read<StoredLessonEdit>("""{"kind":"insert","block":0,"at":1,"item":{"id":"i1","kind":"word","text":"ship","split":"","release":"none","locked":false,"forced":false,"reason":"","spoken":""}}""");
        Assert.Empty(Assert.IsType<LessonEditDocument.Insert>(removed.Edit).Item.Reasons);
        var log = StoredJson.Read<LogDocument>("""{"rungId":"x","things":{"correspondences":["sh:sh"],"endings":["ed"],"structures":[]},"trickyWords":["was"],"seen":["card a:a"],"shaky":[],"read":["ship"]}""");
        Assert.Equal(["sh:sh", "ed"], TeachableDocument.ToCore(log.Things).Select(x => x.Key));
    }

    [Theory]
    [InlineData("""{"v":3,"name":"x","sections":[]}""")]
    [InlineData("""{"v":2,"name":null,"sections":[]}""")]
    [InlineData("""{"v":2,"sections":[]}""")]
    [InlineData("""{"v":"two"}""")]
    [InlineData("[]")]
    public void What_is_no_such_document_or_one_of_a_newer_program_is_not_read(string text) =>
        Assert.Throws<InvalidDataException>(() => StoredJson.Read<LadderDocument>(text));

    [Fact]
    public void A_lesson_kept_from_before_words_to_build_were_a_piece_of_their_own_is_still_read()
    {
        var lesson = StoredJson.Read<LessonDocument>("""
            {"v":2,"kind":"newLearning","minutes":25,"rungId":"sh-sh","title":"sh","teaches":[],"goesOver":[],"trickyWords":[],"seed":1,"teaching":{"sayIt":"","writeIt":"","keyword":"","notes":"","point":""},
            "blocks":[{"part":"practise","activity":"spell","items":[],"asks":[{"code":"askBuildAndHide","arguments":[]}]}],"carried":[]}
            """).ToCore();
        var questions = new Questions(TeachingNotes.Parse("", "", "", ""), Accent.SouthernBritish);
        Assert.Contains("hide it", questions.Asked(lesson.Blocks[0].Asks), StringComparison.Ordinal);
    }

    [Fact]
    public void A_lesson_to_come_back_to_from_before_questions_were_no_reasons_is_still_read()
    {
        var edit = StoredJson.Read<StoredLessonEdit>("""
            {"v":2,"edit":{"kind":"whole","name":"reorder","lesson":{"kind":"newLearning","minutes":25,"rungId":"sh-sh","title":"sh","teaches":[],"goesOver":[],"trickyWords":[],"seed":1,"teaching":{"sayIt":"","writeIt":"","keyword":"","notes":"","point":""},
            "blocks":[{"part":"practise","activity":"compare","items":[],"asks":[{"code":"askSortBySpelling","arguments":["sh","ch"]}]}],"carried":[]}}}
            """).Edit.ToCore();
        Assert.Equal(Ask.Of(AskCode.SortBySpelling, "sh", "ch"), Assert.IsType<ReplaceLesson>(edit).Lesson.Blocks[0].Asks[0]);
    }

    [Theory]
    [InlineData("In “said”, ai says the sound in egg. In “says”, ay says the sound in egg and s says z.", "said", "ai:e", "says", "ay:e,s:z")]
    [InlineData("In “could”, “would” and “should”, oul says the sound in book.", "could,would,should", "oul:uu")]
    [InlineData("The word “I” says the sound in night. The word “a” says a weak uh.", "I", "i:igh", "a", "a:schwa")]
    [InlineData("In “come”, o–e says the sound in up. “from” only has to be quick.", "come", "o_e:u", "from", "")]
    [InlineData("In “once”, o says w and u.", "once", "o:w+u")]
    [InlineData("In “what” and “when”, wh says w.", "what,when", "wh:wh")]
    [InlineData("In “people” and “little”, le says uh and l.", "people,little", "le:schwa+l")]
    [InlineData("was: a moon word. One part of it does not say what you expect. Find it, and the rest is fair.", "was")]
    public void The_point_of_a_day_of_tricky_words_says_what_is_odd_in_them(string said, params string[] arguments)
    {
        var points = new DayPoints(Accent.SouthernBritish, new Terms("moon word", "odd word", "say it slowly"));
        Assert.Equal(said, points.Of(new PointLine(null, MadePoint.Of(PointCode.Tricky, arguments))));
    }

    [Theory]
    [InlineData("The way we talk, a brings no new word. aw and er, mixed: which is which, fast?", "a", "aw", "er")]
    [InlineData("The way we talk, o–e and a bring no new word: what we know gets quicker.", "o_e,a")]
    public void The_point_of_a_day_for_which_the_accent_has_no_word_says_so(string said, params string[] arguments) =>
        Assert.Equal(said, new DayPoints(Accent.Scottish, Terms.Plain).Of(new PointLine(null, MadePoint.Of(PointCode.Wordless, arguments))));

    [Fact]
    public void What_no_word_of_the_accent_has_is_kept_with_its_lesson()
    {
        var father = Teachable.Of(Correspondence.Parse("a:ar"));
        var lesson = new Lesson(LessonKind.Review, 25, "a-ar", "review", [], [], [], 1, Teaching.None, [], [], null, [father]);
        Assert.Equal([father], StoredJson.Read<LessonDocument>(StoredJson.Write(LessonDocument.Of(lesson))).ToCore().Wordless);
    }

    [Fact]
    public void Every_reason_question_and_point_has_its_phrase_in_the_terms_of_the_school()
    {
        string[] arguments = ["sh", "first", "start", "sh", "s", "2"];
        Assert.All(Enum.GetValues<ReasonCode>(), x => Assert.NotEmpty(Phrases.Plain.Sentence([Reason.Of(x, arguments)])));
        var questions = new Questions(TeachingNotes.Parse("", "", "", ""), Accent.SouthernBritish);
        Assert.All(Enum.GetValues<AskCode>(), x => Assert.NotEmpty(questions.Asked([Ask.Of(x, arguments)])));
        var points = new DayPoints(Accent.SouthernBritish, Terms.Plain);
        Assert.All(Enum.GetValues<PointCode>(), x => Assert.NotEmpty(points.Of(new PointLine(null, MadePoint.Of(x, x == PointCode.Tricky ? ["said", "ai:e"] : arguments)))));

        var own = new Phrases(new Terms("odd word", "moon word", "say it slowly"));
        Assert.Contains("odd word", own.Sentence([Reason.Of(ReasonCode.TypedInAsTricky)]), StringComparison.Ordinal);
        Assert.Contains("moon word", own.Sentence([Reason.Of(ReasonCode.NoWordAtAll)]), StringComparison.Ordinal);
    }

    [Fact]
    public void Rungs_that_say_the_same_are_one_from_one_state_of_a_ladder_to_the_next()
    {
        var ladder = LadderText.Parse(File.ReadAllText(Path.Combine(App.Root, "data", "demo", "estuary.ladder.tsv")));
        var pool = new Groups.RungPool();
        Ladder Read(Ladder x) => pool.Shared(StoredJson.Read<LadderDocument>(StoredJson.Write(LadderDocument.Of(x))).ToCore());
        var (first, second) = (Read(ladder), Read(new MoveRung("sh-sh", ladder.Sections[0].Id, 2).Apply(ladder).Ladder!));
        Assert.All(first.Rungs, x => Assert.Same(x, second.Rungs[second.PlaceOf(x.Id)]));
    }
}
