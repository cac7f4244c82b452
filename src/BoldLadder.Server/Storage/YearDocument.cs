using System.Text.Json.Nodes;
using BoldLadder.Core.Calendar;

namespace BoldLadder.Server.Storage;

/// <summary>The school's days.</summary>
public sealed record YearDocument(IReadOnlyList<Term> Terms, IReadOnlyList<Closure> Closures, WeeklyPattern Pattern) : IStored
{
    public static int Version => 1;

    public static void Upgrade(JsonObject old, int version)
    {
        // There is no older version.
    }

    /// <exception cref="InvalidDataException">The dates do not make a year.</exception>
    public SchoolYear ToCore() => SchoolYear.TryCreate(Terms, Closures, Pattern, out var year, out var reason)
        ? year
        : throw new InvalidDataException(reason);
}
