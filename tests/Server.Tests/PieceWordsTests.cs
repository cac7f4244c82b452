using BoldLadder.Core.Conventions;
using BoldLadder.Core.Lessons;
using BoldLadder.Server.Phrasing;

namespace BoldLadder.Server.Tests;

/// <summary>What a piece is called for those who teach it.</summary>
public sealed class PieceWordsTests
{
    private static LessonItem Story(string title, ReasonCode why) => new() { Id = title, Kind = ItemKind.Story, Text = "A cat sat.", Heading = title, Reasons = [Reason.Of(why, "1")] };

    private static string NameOf(params LessonItem[] stories)
    {
        var block = new LessonBlock(LessonPart.Apply, Activity.ReadStory, stories);
        return new PieceWords(ClassConventions.Usual).Name(new Lesson(LessonKind.NewLearning, 60, "", "w", [], [], [], 1, Teaching.None, [block], [], null, []), block);
    }

    [Fact]
    public void Stories_are_called_stories_and_it_is_said_which_is_read_again()
    {
        Assert.Equal("A story", NameOf(Story("My turn", ReasonCode.StoryWithPart)));
        Assert.Equal("Stories", NameOf(Story("My turn", ReasonCode.StoryWithPart), Story("Turn and turn", ReasonCode.StoryWithPart)));
        Assert.Equal("Stories; again, faster: Our boat", NameOf(Story("My turn", ReasonCode.StoryWithPart), Story("Our boat", ReasonCode.FromLastLesson)));
    }
}
