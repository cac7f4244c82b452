using System.Net;
using System.Net.Http.Json;
using System.Text;
using BoldLadder.Server.Storage;
using Microsoft.EntityFrameworkCore;
using Npgsql;

namespace BoldLadder.Server.Tests;

public sealed class SecurityTests(App app)
{
    private static readonly string[] Tables = ["groups", "ladders", "ladder_revisions", "ladder_edits", "lessons", "lesson_edits", "log", "own_words", "own_sentences"];

    [Fact]
    public async Task Another_schools_ids_are_not_found_and_nothing_of_it_is_told()
    {
        var (one, other) = (await School.Make(taught: 20), await School.Make(taught: 20));
        var lesson = (await app.Get($"{other.Group()}/lessons/today")).Text("id");
        foreach (var (method, address, body) in new (HttpMethod, string, object?)[]
        {
            (HttpMethod.Get, $"{one.Address}/groups/{other.Groups[0]}/lessons/today", null),
            (HttpMethod.Get, $"{one.Address}/ladders/{other.LadderId}", null),
            (HttpMethod.Get, $"{one.Address}/groups/{other.Groups[0]}/words/cat", null),
            (HttpMethod.Post, $"{one.Address}/lessons/{lesson}/edits", new { revision = 1, change = "replan" }),
            (HttpMethod.Post, $"{one.Address}/lessons/{lesson}/undo", new { revision = 1 }),
            (HttpMethod.Post, $"{one.Address}/lessons/{lesson}/outcome", new { revision = 1, outcome = "taught" }),
            (HttpMethod.Post, $"{one.Address}/ladders/{other.LadderId}/edits", new { revision = 1, edit = new { kind = "remove", rungId = "s-s" } }),
        })
        {
            var (status, problem) = await app.Fail(method, address, body);
            Assert.Equal(404, status);
            Assert.DoesNotContain("Test school", problem.ToJsonString(), StringComparison.Ordinal);
        }

        Assert.Equal("20", (await app.Get($"{other.Group()}/lessons/today"))["strip"]!["line"]!.ToString());
    }

    [Fact]
    public async Task The_application_sees_no_row_without_a_school_and_only_its_own_with_one()
    {
        var (one, other) = (await School.Make(taught: 5), await School.Make(taught: 5));
        await using var connection = new NpgsqlConnection(App.AppDb);
        await connection.OpenAsync(TestContext.Current.CancellationToken);
        foreach (var table in Tables)
        {
            Assert.Equal(0L, await Ask(connection, $"select count(*) from {table}"));
        }

        await Ask(connection, $"select set_config('boldladder.school', '{one.Id}', false)");
        Assert.Equal(5L, await Ask(connection, "select count(*) from log"));
        Assert.Equal(0L, await Ask(connection, $"select count(*) from log where school_id = '{other.Id}'"));
        var problem = await Assert.ThrowsAsync<PostgresException>(() => Ask(
            connection, $"insert into own_words (school_id, accent, word, spelling, split, familiarity, spoken) values ('{other.Id}', 'us', 'cat', 'cat', 'c:k', '', '')"));
        Assert.Equal(PostgresErrorCodes.InsufficientPrivilege, problem.SqlState);
    }

    [Fact]
    public async Task The_names_of_schools_are_open_and_nothing_else_of_another_school_is()
    {
        var (one, other) = (await School.Make(taught: 5), await School.Make(taught: 5));
        await using var connection = new NpgsqlConnection(App.AppDb);
        await connection.OpenAsync(TestContext.Current.CancellationToken);
        Assert.Equal(0L, await Ask(connection, "select count(*) from schools"));
        Assert.Equal(2L, await Ask(connection, $"select count(*) from school_names() where id in ('{one.Id}', '{other.Id}')"));
        await Ask(connection, $"select set_config('boldladder.school', '{one.Id}', false)");
        Assert.Equal(0L, await Ask(connection, $"select count(*) from schools where id = '{other.Id}'"));
        Assert.Equal(1L, await Ask(connection, "select count(year) from schools"));
    }

    [Fact]
    public async Task A_group_that_has_a_log_cant_be_deleted_and_its_log_with_it()
    {
        var school = await School.Make(taught: 5);
        await using var connection = new NpgsqlConnection(App.AppDb);
        await connection.OpenAsync(TestContext.Current.CancellationToken);
        await Ask(connection, $"select set_config('boldladder.school', '{school.Id}', false)");
        var problem = await Assert.ThrowsAsync<PostgresException>(() => Ask(connection, $"delete from groups where id = '{school.Groups[0]}'"));
        Assert.Equal(PostgresErrorCodes.ForeignKeyViolation, problem.SqlState);
        Assert.Equal(5L, await Ask(connection, "select count(*) from log"));
    }

    [Theory]
    [InlineData("/api/words/cat", "no-store")]
    [InlineData("/api/nothing", "no-store")]
    [InlineData("/health/live", "no-cache")]
    [InlineData("/nowhere", "no-store")]
    public async Task Every_answer_has_its_headers_whatever_became_of_it(string address, string cache)
    {
        using var answer = await app.Client.GetAsync(address);
        Assert.True(answer.Headers.Contains("Content-Security-Policy"));
        Assert.Contains("nosniff", answer.Headers.GetValues("X-Content-Type-Options"));
        Assert.Contains(cache, answer.Headers.CacheControl!.ToString(), StringComparison.Ordinal);
        using var failed = await app.Client.PostAsync("/api/verdicts", new StringContent("{", Encoding.UTF8, "application/json"));
        Assert.True(failed.Headers.Contains("Content-Security-Policy"));
    }

    [Theory]
    [InlineData("update log set outcome = 'missed'")]
    [InlineData("delete from log")]
    [InlineData("drop table log")]
    [InlineData("create table more (id int)")]
    [InlineData("update ladder_revisions set number = 9")]
    [InlineData("copy (select 1) to program 'true'")]
    public async Task The_application_can_only_add_to_the_log_and_changes_no_tables(string statement)
    {
        await using var connection = new NpgsqlConnection(App.AppDb);
        await connection.OpenAsync(TestContext.Current.CancellationToken);
        var problem = await Assert.ThrowsAsync<PostgresException>(() => Ask(connection, statement));
        Assert.Equal(PostgresErrorCodes.InsufficientPrivilege, problem.SqlState);
    }

    [Fact]
    public async Task Nobody_comes_in_without_a_password()
    {
        var wrong = new NpgsqlConnectionStringBuilder(App.AppDb) { Password = "wrong", Pooling = false };
        await using var connection = new NpgsqlConnection(wrong.ConnectionString);
        var problem = await Assert.ThrowsAsync<PostgresException>(() => connection.OpenAsync(TestContext.Current.CancellationToken));
        Assert.Equal(PostgresErrorCodes.InvalidPassword, problem.SqlState);
    }

    [Fact]
    public async Task A_database_without_a_school_chosen_throws_before_it_reads()
    {
        await using var db = new BoldLadderDb(new DbContextOptionsBuilder<BoldLadderDb>().UseNpgsql(App.AppDb).UseSnakeCaseNamingConvention().Options, new SchoolScope());
        await Assert.ThrowsAnyAsync<InvalidOperationException>(() => db.Lessons.ToListAsync(TestContext.Current.CancellationToken));
    }

    [Fact]
    public async Task A_row_of_another_school_cant_be_saved()
    {
        var school = await School.Make(taught: 1);
        await using var db = App.Database(school.Id);
        db.OwnWords.Add(new OwnWordRow
        {
            SchoolId = Guid.CreateVersion7(), Accent = "us", Word = "cat", Spelling = "cat", Split = "c:k a:a t:t", Familiarity = "", Spoken = "",
        });
        await Assert.ThrowsAsync<InvalidOperationException>(() => db.SaveChangesAsync(TestContext.Current.CancellationToken));
    }

    [Theory]
    [InlineData("Origin", "https://elsewhere.example", HttpStatusCode.Forbidden)]
    [InlineData("Origin", "null", HttpStatusCode.Forbidden)]
    [InlineData("Sec-Fetch-Site", "cross-site", HttpStatusCode.Forbidden)]
    [InlineData("Host", "elsewhere.example", HttpStatusCode.BadRequest)]
    public async Task A_page_from_elsewhere_gets_nothing(string header, string value, HttpStatusCode status)
    {
        using var request = new HttpRequestMessage(HttpMethod.Get, "/api/schools");
        request.Headers.TryAddWithoutValidation(header, value);
        using var response = await app.Client.SendAsync(request);
        Assert.Equal(status, response.StatusCode);
        Assert.DoesNotContain("Saltmarsh", await response.Content.ReadAsStringAsync(), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("text/plain")]
    [InlineData("application/x-www-form-urlencoded")]
    public async Task Only_json_is_taken(string type)
    {
        using var content = new StringContent("""{"accent":"us","taught":[],"words":[]}""", Encoding.UTF8, type);
        using var response = await app.Client.PostAsync("/api/verdicts", content);
        Assert.Equal(HttpStatusCode.UnsupportedMediaType, response.StatusCode);
        Assert.Contains("application/json", await response.Content.ReadAsStringAsync(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task Every_answer_carries_a_strict_content_security_policy()
    {
        using var response = await app.Client.GetAsync("/api/schools");
        var policy = response.Headers.GetValues("Content-Security-Policy").Single();
        Assert.Contains("default-src 'none'", policy, StringComparison.Ordinal);
        Assert.DoesNotContain("unsafe", policy, StringComparison.Ordinal);
        Assert.Equal("nosniff", response.Headers.GetValues("X-Content-Type-Options").Single());
    }

    [Fact]
    public async Task Ids_that_are_no_ids_are_not_found()
    {
        foreach (var address in new[] { "/api/schools/1", "/api/schools/%27%20or%201%3D1", $"/api/schools/{Guid.Empty}/ladders/x", "/api/schools/😀" })
        {
            using var response = await app.Client.GetAsync(address);
            Assert.Equal(HttpStatusCode.NotFound, response.StatusCode);
        }
    }

    [Fact]
    public async Task The_model_has_no_change_that_a_migration_lacks()
    {
        var school = await School.Make(taught: 1);
        await using var db = App.Database(school.Id);
        Assert.False(db.Database.HasPendingModelChanges());
    }

    [Fact]
    public async Task A_database_newer_than_the_program_is_refused()
    {
        await using var connection = new NpgsqlConnection(App.OwnerDb);
        await connection.OpenAsync(TestContext.Current.CancellationToken);
        await Ask(connection, "insert into \"__EFMigrationsHistory\" values ('99990101000000_Later', '99')");
        try
        {
            var problem = await Assert.ThrowsAsync<InvalidOperationException>(() => Migrator.Run(App.OwnerDb, "boldladder_app", Path.GetTempPath(), TestContext.Current.CancellationToken));
            Assert.Contains("newer", problem.Message, StringComparison.Ordinal);
        }
        finally
        {
            await Ask(connection, "delete from \"__EFMigrationsHistory\" where migration_id = '99990101000000_Later'");
        }
    }

    private static async Task<object?> Ask(NpgsqlConnection connection, string statement)
    {
        await using var command = new NpgsqlCommand(statement, connection);
        return await command.ExecuteScalarAsync(TestContext.Current.CancellationToken);
    }
}
