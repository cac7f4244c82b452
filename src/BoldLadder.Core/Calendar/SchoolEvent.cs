namespace BoldLadder.Core.Calendar;

/// <summary>What something that happens on a school day does to the lesson.</summary>
public enum EventUse
{
    /// <summary>Nothing: it is only shown.</summary>
    Noted,

    /// <summary>Half a day: the lesson is a short one.</summary>
    ShortLesson,

    /// <summary>Too much else is going on for something new: the lesson goes over what was taught.</summary>
    Review,
}

/// <summary>Something that happens on school days, both ends counted: a trip, a show, an early finish.</summary>
public sealed record SchoolEvent(DateOnly First, DateOnly Last, string Name, EventUse Use)
{
    public bool Includes(DateOnly day) => day >= First && day <= Last;
}
