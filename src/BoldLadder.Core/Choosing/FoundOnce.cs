using BoldLadder.Core.Reading;

namespace BoldLadder.Core.Choosing;

/// <summary>
/// What was found for what is taught, kept while that is asked again: the pieces of a lesson, and the lessons of a rung's
/// days and of reviews, have the same taught. What the next lesson will ask is looked for while one is still made: the last
/// two are kept. Safe to share.
/// </summary>
internal sealed class FoundOnce<T>
    where T : class
{
    private volatile Kept? _last;

    /// <param name="find">Finds it; given what was found for less, if that was asked last, since all that could be read still can.</param>
    public T For(TaughtSet taught, Func<T?, T> find)
    {
        var last = _last;
        if (last is not null && last.Taught.IsSameAs(taught))
        {
            return last.Found;
        }

        if (last?.Before is { } before && before.Taught.IsSameAs(taught))
        {
            return before.Found;
        }

        var found = find(last is not null && last.Taught.IsWithin(taught) ? last.Found : null);
        _last = new Kept(taught, found, last is null ? null : last with { Before = null });
        return found;
    }

    private sealed record Kept(TaughtSet Taught, T Found, Kept? Before);
}
