using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Suggesting;

namespace BoldLadder.Server.Schools;

/// <summary>The least and the most that a field of numbers takes.</summary>
public sealed record RangeView(int From, int To);

/// <summary>The limits of fields of numbers, as the rules have them, so that a page refuses what they would.</summary>
/// <param name="LessonMinutes">Minutes that a lesson takes.</param>
/// <param name="DaysARung">School days that a new rung takes which says nothing else.</param>
/// <param name="RungDays">School days that a rung says it takes.</param>
/// <param name="SpellingsApart">Rungs between two spellings of one sound.</param>
/// <param name="PieceMinutes">Minutes that a school gives a piece of a lesson.</param>
/// <param name="RungsApart">Rungs by which an order that is looked for keeps two apart.</param>
/// <param name="NewAWeek">New spellings that such an order brings in a week.</param>
public sealed record LimitsView(
    RangeView LessonMinutes, RangeView DaysARung, RangeView RungDays, RangeView SpellingsApart, RangeView PieceMinutes, RangeView RungsApart, RangeView NewAWeek)
{
    public static LimitsView All { get; } = new(
        new RangeView(ClassConventions.FewestMinutes, ClassConventions.MostMinutes), new RangeView(1, ClassConventions.MostDaysARung), new RangeView(1, Ladder.MostDays),
        new RangeView(0, ClassConventions.MostApart), new RangeView(1, LessonShape.MostMinutes), new RangeView(WishApart.Nearest, WishApart.Farthest), new RangeView(1, WishWeekly.MostAWeek));
}
