using System.Net;
using System.Net.Http.Json;
using System.Text;
using System.Text.Json.Nodes;

namespace BoldLadder.Server.Tests;

public sealed class PublicApiTests(App app)
{
    [Fact]
    public async Task A_word_is_answered_with_its_pieces_in_the_form_that_lasts()
    {
        var word = await app.Get("/api/words/make?accent=gb-south");
        Assert.Equal("known", word.Text("status"));
        Assert.Equal("gb-south", word.Text("accent"));
        var said = word["pronunciations"]![0]!;
        Assert.Equal("CVC", said.Text("structure"));
        Assert.Equal(1, said.Number("syllables"));
        var split = said["segments"]![1]!;
        Assert.Equal("""{"grapheme":"a_e","phonemes":["ai"],"letters":[1,3]}""", split.ToJsonString());
    }

    [Fact]
    public async Task A_word_in_no_list_is_guessed_at_and_says_so()
    {
        Assert.Equal("guess", (await app.Get("/api/words/blorp?accent=us")).Text("status"));
        Assert.Equal("gb-south", (await app.Get("/api/words/cat")).Text("accent"));
    }

    [Fact]
    public async Task Verdicts_come_for_many_words_at_once()
    {
        var verdicts = await app.Post("/api/verdicts", new
        {
            accent = "gb-south", weakVowels = "strict", taught = new[] { "s:s", "a:a", "t:t", "x:k+s", "a_e:ai" }, trickyTaught = new[] { "was" },
            words = new[] { "sat", "ship", "was", "blorp", "tax" },
        });
        Assert.Equal(
            """[{"word":"sat","verdict":"readable","blockers":[]},{"word":"ship","verdict":"not-yet","blockers":["sh:sh","i:i","p:p"]},{"word":"was","verdict":"tricky-taught","blockers":[]},{"word":"blorp","verdict":"unknown","blockers":[]},{"word":"tax","verdict":"readable","blockers":[]}]""",
            verdicts.ToJsonString());
    }

    [Theory]
    [InlineData("/api/words/cat?accent=mars", 400, "accent")]
    [InlineData("/api/words/%20?accent=us", 400, "spelling")]
    [InlineData("/api/words/%F0%9F%98%80", 400, "spelling")]
    [InlineData("/api/words/%3Cscript%3E", 400, "spelling")]
    [InlineData("/api/words/'%20or%201=1--", 400, "spelling")]
    [InlineData("/api/nothing", 404, "address")]
    [InlineData("/api/schools/00000000-0000-7000-8000-000000000000", 404, "schoolId")]
    public async Task Bad_questions_are_answered_with_the_field_and_what_to_do(string address, int status, string field)
    {
        var (answered, problem) = await app.Fail(HttpMethod.Get, address);
        Assert.Equal(status, answered);
        Assert.Equal(field, problem.Text("field"));
        Assert.NotEmpty(problem.Text("detail"));
    }

    [Fact]
    public async Task A_word_of_ten_thousand_letters_is_refused()
    {
        var (status, problem) = await app.Fail(HttpMethod.Get, $"/api/words/{new string('a', 10_000)}");
        Assert.Equal((400, "spelling"), (status, problem.Text("field")));
        (status, problem) = await app.Fail(HttpMethod.Post, "/api/verdicts", new { accent = "us", taught = Array.Empty<string>(), words = new[] { new string('a', 10_000) } });
        Assert.Equal((400, "words"), (status, problem.Text("field")));
    }

    [Theory]
    [InlineData("""{"accent":"mars","taught":[],"words":[]}""", "accent")]
    [InlineData("""{"accent":"us","taught":["sh"],"words":[]}""", "taught")]
    [InlineData("""{"accent":"us","taught":[null],"words":[]}""", "taught")]
    [InlineData("""{"accent":"us","taught":[],"words":[""]}""", "words")]
    [InlineData("""{"accent":"us","taught":[],"words":[null]}""", "words")]
    [InlineData("""{"accent":"us","taught":[],"words":["😀"]}""", "words")]
    [InlineData("""{"accent":"us","weakVowels":"maybe","taught":[],"words":[]}""", "weakVowels")]
    [InlineData("""{"accent":"us","words":[]}""", "taught")]
    [InlineData("""{"accent":"us","taught":[]}""", "words")]
    [InlineData("""{"accent":7,"taught":[],"words":[]}""", "accent")]
    [InlineData("""{"accent":"us","taught":[],"words":["cat"]""", "body")]
    [InlineData("nonsense", "body")]
    [InlineData("", "body")]
    public async Task A_malformed_body_is_a_clear_problem_and_never_a_500(string body, string field)
    {
        using var content = new StringContent(body, Encoding.UTF8, "application/json");
        using var response = await app.Client.PostAsync("/api/verdicts", content);
        Assert.Equal(HttpStatusCode.BadRequest, response.StatusCode);
        var problem = JsonNode.Parse(await response.Content.ReadAsStringAsync())!;
        Assert.True(problem["field"] is not null, problem.ToJsonString());
        Assert.True(problem.Text("field") == field || field == "body", problem.ToJsonString());
        Assert.NotEmpty(problem.Text("detail"));
    }

    [Fact]
    public async Task Too_many_words_at_once_are_refused()
    {
        var (status, problem) = await app.Fail(HttpMethod.Post, "/api/verdicts", new { accent = "us", taught = Array.Empty<string>(), words = Enumerable.Repeat("cat", 5001) });
        Assert.Equal((400, "words"), (status, problem.Text("field")));
    }

    [Fact]
    public async Task The_server_says_that_it_lives_and_that_it_is_ready()
    {
        Assert.Equal(HttpStatusCode.OK, (await app.Client.GetAsync("/health/live")).StatusCode);
        Assert.Equal(HttpStatusCode.OK, (await app.Client.GetAsync("/health/ready")).StatusCode);
    }

    [Fact]
    public async Task The_committed_api_document_is_the_one_the_code_makes()
    {
        var made = JsonNode.Parse(await app.Client.GetStringAsync("/openapi/v1.json"))!.AsObject();
        made.Remove("servers");
        var kept = JsonNode.Parse(await File.ReadAllTextAsync(Path.Combine(App.Root, "docs", "openapi.json")))!;
        Assert.True(JsonNode.DeepEquals(kept, made), "run tools/openapi.sh and commit what it writes");
    }
}
