namespace BoldLadder.Core.Calendar;

/// <summary>What a day of the week is for.</summary>
public enum DayUse
{
    /// <summary>The rung that is due is taught.</summary>
    New,

    /// <summary>Nothing new: recent rungs are gone over again.</summary>
    Review,
}

/// <summary>The use of each day from Monday to Friday. Default: new, new, new, new, review.</summary>
public sealed record WeeklyPattern(DayUse Monday, DayUse Tuesday, DayUse Wednesday, DayUse Thursday, DayUse Friday)
{
    public static WeeklyPattern Usual { get; } = new(DayUse.New, DayUse.New, DayUse.New, DayUse.New, DayUse.Review);

    /// <summary>Days a week that bring something new.</summary>
    public int NewDays => ((DayUse[])[Monday, Tuesday, Wednesday, Thursday, Friday]).Count(x => x == DayUse.New);

    public DayUse On(DateOnly day) => day.DayOfWeek switch
    {
        DayOfWeek.Monday => Monday,
        DayOfWeek.Tuesday => Tuesday,
        DayOfWeek.Wednesday => Wednesday,
        DayOfWeek.Thursday => Thursday,
        _ => Friday,
    };
}
