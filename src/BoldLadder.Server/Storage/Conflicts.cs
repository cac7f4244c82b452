using Microsoft.EntityFrameworkCore;
using Npgsql;

namespace BoldLadder.Server.Storage;

/// <summary>Tells a save that somebody else was quicker with from one that failed.</summary>
public static class Conflicts
{
    /// <summary>True when the row was changed meanwhile, or another with the same key came first. Anything else is answered as itself.</summary>
    public static bool Is(DbUpdateException problem) => problem is DbUpdateConcurrencyException
        || problem.InnerException is PostgresException { SqlState: PostgresErrorCodes.UniqueViolation };

    /// <summary>
    /// Holds a school's or a group's row until the transaction ends, so that what is counted and written after it is
    /// counted and written by one at a time.
    /// </summary>
    /// <param name="table"><c>schools</c> or <c>groups</c>.</param>
    public static async Task Hold(BoldLadderDb db, string table, Guid id, CancellationToken cancel) => await (table switch
    {
        "schools" => db.Database.ExecuteSqlAsync($"select 1 from schools where id = {id} for update", cancel),
        "groups" => db.Database.ExecuteSqlAsync($"select 1 from groups where id = {id} for update", cancel),
        _ => throw new ArgumentException($"{table} is not held", nameof(table)),
    });
}
