using Microsoft.EntityFrameworkCore;
using Npgsql;

namespace BoldLadder.Server.Storage;

/// <summary>Tells a save that somebody else was quicker with from one that failed.</summary>
public static class Conflicts
{
    /// <summary>True when the row was changed meanwhile, or another with the same key came first. Anything else is answered as itself.</summary>
    private static bool Is(DbUpdateException problem) => problem is DbUpdateConcurrencyException
        || problem.InnerException is PostgresException { SqlState: PostgresErrorCodes.UniqueViolation };

    /// <summary>Saves; false when somebody else was quicker: nothing is saved then, and all that was read is forgotten.</summary>
    public static async Task<bool> Save(BoldLadderDb db, CancellationToken cancel)
    {
        try
        {
            await db.SaveChangesAsync(cancel);
            return true;
        }
        catch (DbUpdateException problem) when (Is(problem))
        {
            db.ChangeTracker.Clear();
            return false;
        }
    }

    /// <summary>
    /// Holds a school's row until the transaction ends, so that what is counted and written after it is counted and
    /// written by one at a time.
    /// </summary>
    public static Task HoldSchool(BoldLadderDb db, Guid id, CancellationToken cancel) =>
        db.Database.ExecuteSqlAsync($"select 1 from schools where id = {id} for update", cancel);

    /// <summary>Holds a group's row, as <see cref="HoldSchool"/> does a school's.</summary>
    public static Task HoldGroup(BoldLadderDb db, Guid id, CancellationToken cancel) =>
        db.Database.ExecuteSqlAsync($"select 1 from groups where id = {id} for update", cancel);
}
