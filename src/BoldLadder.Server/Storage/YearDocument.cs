using System.Text.Json.Nodes;
using BoldLadder.Core.Calendar;

namespace BoldLadder.Server.Storage;

/// <summary>The school's days.</summary>
/// <param name="Usual">Nobody has said them yet: they are those of most schools of the country.</param>
public sealed record YearDocument(IReadOnlyList<Term> Terms, IReadOnlyList<Closure> Closures, WeeklyPattern Pattern, bool Usual = false, IReadOnlyList<SchoolEvent>? Events = null) : IStored
{
    public static YearDocument Of(SchoolYear year, bool usual = false) => new(year.Terms, year.Closures, year.Pattern, usual, year.Events);

    public static int Version => 1;

    public static void Upgrade(JsonObject old, int version)
    {
        // There is no older version.
    }

    /// <exception cref="InvalidDataException">The dates do not make a year.</exception>
    public SchoolYear ToCore() => SchoolYear.TryCreate(Terms, Closures, Pattern, out var year, out var reason, Events)
        ? year
        : throw new InvalidDataException(reason);
}
