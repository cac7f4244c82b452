using BoldLadder.Core.Calendar;

namespace BoldLadder.Core.Tests.Calendar;

public class CalendarNameTests
{
    [Theory]
    [InlineData("Half-term")]
    [InlineData("Autumn half term")]
    [InlineData("October Half-Term Holiday")]
    [InlineData("INSET day (no children)")]
    [InlineData("Staff training day")]
    [InlineData("Professional Development Day")]
    [InlineData("Spring Break")]
    [InlineData("School closed: polling station")]
    [InlineData("Bank holiday")]
    [InlineData("Thanksgiving")]
    [InlineData("Martin Luther King Jr. Day")]
    [InlineData("Presidents' Day")]
    [InlineData("Good Friday")]
    [InlineData("May Day")]
    [InlineData("No school")]
    public void A_day_without_school_is_known_by_its_name(string name) => Assert.Null(CalendarName.UseOf(name));

    [Theory]
    [InlineData("Early finish 1.15")]
    [InlineData("Half day")]
    [InlineData("School closes at 1pm for Christmas holidays")]
    [InlineData("Early dismissal")]
    [InlineData("Half-day: staff training")]
    public void Half_a_day_has_a_short_lesson(string name) => Assert.Equal(EventUse.ShortLesson, CalendarName.UseOf(name));

    [Theory]
    [InlineData("Book week")]
    [InlineData("Sports day")]
    [InlineData("Trip to the farm")]
    [InlineData("Parents' evening")]
    [InlineData("Christmas play")]
    [InlineData("Breakfast club starts")]
    [InlineData("Closing assembly practice for Year 6")]
    [InlineData("Holiday club sign-up")]
    [InlineData("Christmas dinner day")]
    [InlineData("Break-time fruit starts")]
    public void What_only_happens_is_noted(string name) => Assert.Equal(EventUse.Noted, CalendarName.UseOf(name));
}
