using System.Diagnostics;
using Microsoft.EntityFrameworkCore;
using Npgsql;

namespace BoldLadder.Server.Storage;

/// <summary>
/// Brings the database up to the program, as its owner: refuses one that is newer, dumps one that
/// holds data before it changes it, and gives the application's role its rights.
/// </summary>
public static class Migrator
{
    // Not a number of ours alone: any constant serves, as long as all processes use the same.
    private const long AdvisoryLock = 0x426F6C644C61;

    /// <summary>All tables with rows of schools, and what the application may do with them.</summary>
    private static readonly (string Table, string Rights)[] Tables =
    [
        ("groups", "select, insert, update, delete"), ("ladders", "select, insert, update, delete"),
        ("ladder_revisions", "select, insert, delete"), ("ladder_edits", "select, insert, update, delete"),
        ("lessons", "select, insert, update, delete"), ("lesson_edits", "select, insert, update, delete"),
        ("log", "select, insert"), ("own_words", "select, insert, update, delete"), ("own_sentences", "select, insert, delete"),
    ];

    /// <param name="owner">Connection string of the owner's role.</param>
    /// <param name="application">Name of the application's role.</param>
    /// <param name="dumps">Folder for the dump.</param>
    public static async Task Run(string owner, string application, string dumps, CancellationToken cancel)
    {
        var options = new DbContextOptionsBuilder<BoldLadderDb>().UseNpgsql(owner).UseSnakeCaseNamingConvention().Options;
        await using var db = new BoldLadderDb(options, new SchoolScope());
        await db.Database.OpenConnectionAsync(cancel);
        await db.Database.ExecuteSqlAsync($"select pg_advisory_lock({AdvisoryLock})", cancel);
        var known = db.Database.GetMigrations().ToHashSet();
        var applied = (await db.Database.GetAppliedMigrationsAsync(cancel)).ToList();
        if (applied.FirstOrDefault(x => !known.Contains(x)) is { } newer)
        {
            throw new InvalidOperationException($"The database is newer than this program (it has {newer}). Start the newer version.");
        }

        if (applied.Count > 0 && applied.Count < known.Count)
        {
            // Row-level security binds the owner too, and a dump that it narrows is refused: it is lifted for the owner
            // until the rights are given anew below. The application's role stays bound all the while.
            await db.Database.ExecuteSqlRawAsync(
                "do $$ declare t record; begin for t in select c.relname from pg_class c where c.relforcerowsecurity and c.relnamespace = 'public'::regnamespace "
                + "loop execute format('alter table %I no force row level security', t.relname); end loop; end $$", cancel);
            await Dump(owner, dumps, cancel);
        }

        await db.Database.MigrateAsync(cancel);
        await Secure(db, application, cancel);
    }

    private static async Task Secure(BoldLadderDb db, string application, CancellationToken cancel)
    {
        // Only letters, digits and underscores: the name goes into statements that take no parameters.
        if (application.Length == 0 || !application.All(x => char.IsAsciiLetterOrDigit(x) || x == '_'))
        {
            throw new InvalidOperationException("The name of the application's role may hold letters, digits and underscores.");
        }

        var statements = new List<string> { $"grant usage on schema public to {application}", $"revoke all on schools from {application}", $"grant select, insert, update, delete on schools to {application}" };
        statements.AddRange(Policies("schools", "id"));
        foreach (var (table, rights) in Tables)
        {
            statements.Add($"revoke all on {table} from {application}");
            statements.Add($"grant {rights} on {table} to {application}");
            statements.AddRange(Policies(table, "school_id"));
        }

        // The names of the schools are open to read through a function of the owner's; what they hold is not.
        statements.Add("drop policy if exists names on schools");
        statements.Add("drop policy if exists owner_reads on schools");
        statements.Add("create policy owner_reads on schools for select to current_user using (true)");
        statements.Add(
            "create or replace function school_names() returns table (id uuid, name text) language sql stable security definer set search_path = public "
            + "as 'select id, name::text from schools'");
        statements.Add("revoke all on function school_names() from public");
        statements.Add($"grant execute on function school_names() to {application}");

        // A school can be erased whole, log and all, which the application's role could not do table by table; and only
        // the school that the request is about.
        statements.Add(
            "create or replace function erase_school() returns void language plpgsql security definer set search_path = public as $$ "
            + "declare chosen uuid := nullif(current_setting('boldladder.school', true), '')::uuid; begin "
            + string.Concat(Erased.Select(x => $"delete from {x} where school_id = chosen; ")) + "delete from schools where id = chosen; end $$");
        statements.Add("revoke all on function erase_school() from public");
        statements.Add($"grant execute on function erase_school() to {application}");
        await db.Database.ExecuteSqlRawAsync(string.Join(";\n", statements), cancel);
    }

    // Rows that hold others up come last.
    private static readonly string[] Erased = ["lesson_edits", "log", "lessons", "groups", "ladder_edits", "ladder_revisions", "ladders", "own_words", "own_sentences"];

    private static IEnumerable<string> Policies(string table, string column) =>
    [
        $"alter table {table} enable row level security", $"alter table {table} force row level security",
        $"drop policy if exists own_school on {table}",
        $"create policy own_school on {table} using ({column} = nullif(current_setting('boldladder.school', true), '')::uuid)",
    ];

    private static async Task Dump(string owner, string folder, CancellationToken cancel)
    {
        Directory.CreateDirectory(folder);
        var database = new NpgsqlConnectionStringBuilder(owner);
        var start = new ProcessStartInfo("pg_dump")
        {
            ArgumentList = { "-h", database.Host!, "-p", database.Port.ToString(), "-U", database.Username!, "-d", database.Database!, "-Fc",
                "-f", Path.Combine(folder, $"before-{DateTime.UtcNow:yyyyMMdd-HHmmss}.dump") },
            Environment = { ["PGPASSWORD"] = database.Password },
        };
        using var process = Process.Start(start) ?? throw new InvalidOperationException("pg_dump can't be started.");
        await process.WaitForExitAsync(cancel);
        if (process.ExitCode != 0)
        {
            throw new InvalidOperationException("The database could not be dumped, so it was not changed.");
        }
    }
}
