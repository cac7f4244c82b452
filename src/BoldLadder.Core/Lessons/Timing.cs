namespace BoldLadder.Core.Lessons;

/// <summary>
/// Seconds that blocks take until the school's own timings are known. Source: the pace of a brisk
/// lesson; cards at 25 a minute are the domain's figure.
/// </summary>
public static class Timing
{
    /// <summary>Seconds of a lesson's end that belong to apply: six minutes of twenty-five.</summary>
    public const double ApplyShare = 6.0 / 25;

    /// <summary>Seconds to begin a block.</summary>
    public static int Setup(Activity activity) => activity switch
    {
        Activity.Spare => 0,
        Activity.Cards or Activity.ReadAgain or Activity.TrickyAtSight or Activity.Recall => 10,
        Activity.Spell or Activity.WriteSentence or Activity.WriteLetters => 40,
        _ => 20,
    };

    /// <summary>Seconds for one item.</summary>
    public static double Each(Activity activity) => activity switch
    {
        Activity.Cards => 60.0 / 25,
        Activity.Recall => 18,
        Activity.ReadAgain => 8,
        Activity.TrickyAtSight => 6,
        Activity.Meet => 110,
        Activity.MeetTricky => 75,
        Activity.Listening => 9,
        Activity.OralBlending or Activity.SayApart => 14,
        Activity.Read => 20,
        Activity.Spell => 45,
        Activity.Chain => 12,
        Activity.MadeUp => 14,
        Activity.Compare => 8,
        Activity.ReadSentences => 45,
        Activity.WriteSentence => 160,
        Activity.WriteLetters => 25,
        _ => 0,
    };
}
