namespace BoldLadder.Core.Lessons;

/// <summary>
/// What a lesson has more of when it is longer than half an hour, and goes without when it is very short. A longer lesson
/// goes deeper into the same point: more is read, heard, compared and written, and nothing new is met.
/// </summary>
/// <param name="minutes">Length of the lesson.</param>
internal readonly struct LessonLength(int minutes)
{
    private const int Usual = 30, Step = 5, MostSteps = 6;

    private int Steps => Math.Clamp((minutes - Usual) / Step, 0, MostSteps);

    /// <summary>Of fewer than twenty minutes: it has the shape of a short one.</summary>
    public bool IsShort => minutes < 20;

    /// <summary>With less than a quarter of an hour and a bit there is a sentence in place of a story, and nothing to listen for.</summary>
    public bool IsVeryShort => minutes < 13;

    public int MoreRead => Math.Min(2 * Steps, 7);

    public int MoreSpelt => Math.Min(Steps, 4);

    public int MoreSentences => Math.Min(Steps, 4);

    public int Stories => 1 + (Steps / 3);

    /// <summary>Stories of the last lessons that are read again where there is time; none in a lesson of the usual length.</summary>
    public int StoriesAgain => (Steps + 1) / 2;

    public int Dictated => 1 + ((Steps + 1) / 3);

    /// <summary>Words that are put together by ear before others are read; none in a lesson of the usual length.</summary>
    public int Blended => Steps < 1 ? 0 : 6 + Steps;

    /// <summary>Beside the day's contrast there is time for a chain.</summary>
    public bool HasChain => Steps >= 1;
}
