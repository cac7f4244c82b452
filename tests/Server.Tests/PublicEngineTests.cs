using System.Net;
using System.Text;
using System.Text.Json.Nodes;
using CsCheck;

namespace BoldLadder.Server.Tests;

/// <summary>The word engine as anyone may ask it, without a school.</summary>
public sealed class PublicEngineTests(App app)
{
    private static readonly string[] Letters = "a:a b:b c:k d:d e:e f:f g:g h:h i:i k:k l:l m:m n:n o:o p:p r:r s:s t:t u:u".Split(' ');

    [Fact]
    public async Task A_word_is_answered_with_all_that_is_known_of_it()
    {
        var hopping = await app.Get("/api/words/hopping?accent=gb-south");
        Assert.Equal(("hop", "ing", "double-consonant"), (hopping.Text("base"), hopping.Text("ending"), hopping.Text("join")));
        Assert.Equal("""["hop","ping"]""", hopping["pronunciations"]![0]!["divided"]!.ToJsonString());
        var sea = await app.Get("/api/words/sea?accent=us");
        Assert.Equal(("4-5", "fine"), (sea.Text("familiarity"), sea.Text("suitability")));
        Assert.Contains("see", sea["homophones"]!.AsArray().Select(x => x!.GetValue<string>()));
        Assert.Contains("sea", sea.Text("spokenSentence").ToLowerInvariant());
        Assert.Equal("sensitive", (await app.Get("/api/words/gun")).Text("suitability"));
        Assert.Equal("""["rain","coat"]""", (await app.Get("/api/words/raincoat"))["parts"]!.ToJsonString());
    }

    [Fact]
    public async Task Made_up_words_are_checked_in_the_form_that_lasts()
    {
        var judged = (await app.Post("/api/made-up/check", new { accent = "gb-south", taught = Letters, words = new[] { "fap", "nem", "dokt", "ship", "gop", "ckeft" } })).AsArray();
        Assert.All(judged, x => Assert.Equal(["word", "verdict", "reason", "like", "notes"], x!.AsObject().Select(p => p.Key)));
        Assert.Equal(("dokt", "sounds-real", "docked"), (judged[2]!.Text("word"), judged[2]!.Text("verdict"), judged[2]!.Text("like")));
        Assert.Equal("real", judged[3]!.Text("verdict"));
        Assert.Equal("illegal", judged[5]!.Text("verdict"));
        Assert.Null(judged[5]!["like"]);
        Assert.Equal("ok", (await app.Post("/api/made-up/check", new { accent = "gb-south", words = new[] { "vem" } }))[0]!.Text("verdict"));
    }

    [Fact]
    public async Task Made_up_words_are_made_from_what_is_taught_and_pass_the_check()
    {
        var made = await app.Post("/api/made-up/make", new { accent = "us", taught = Letters });
        Assert.True(made.Number("all") >= 30);
        var words = made["words"]!.AsArray().Select(x => x!.Text("word")).ToArray();
        Assert.Equal(words, words.Distinct());
        Assert.All((await app.Post("/api/made-up/check", new { accent = "us", taught = Letters, words })).AsArray(), x => Assert.Equal("ok", x!.Text("verdict")));
    }

    [Theory]
    [InlineData("""{"kind":"words","sound":"a","place":"first","mostSounds":3}""", "ant")]
    [InlineData("""{"kind":"words","sound":"sh","place":"last"}""", "fish")]
    [InlineData("""{"kind":"words","sound":"ai","without":true,"fewestSounds":2,"mostSounds":3}""", "cat")]
    [InlineData("""{"kind":"rhymes","sound":"a"}""", "cat")]
    [InlineData("""{"kind":"rhymes-spelt-alike","sound":"igh"}""", "night")]
    [InlineData("""{"kind":"by-spelling","sound":"ai"}""", "rain")]
    [InlineData("""{"kind":"by-ending-sound","ending":"ed"}""", "jumped")]
    public async Task Lists_of_every_kind_come_with_splits_and_reasons(string asked, string among)
    {
        var request = JsonNode.Parse(asked)!;
        (request["accent"], request["count"]) = ("gb-south", 500);
        var families = (await app.Post("/api/lists", request)).AsArray();
        var words = families.SelectMany(x => x!["words"]!.AsArray()).ToList();
        Assert.Contains(among, words.Select(x => x!.Text("word")));
        Assert.All(words, x => Assert.True(x!.Text("reason").Length > 0 && x!.Text("split").Contains(':', StringComparison.Ordinal)));
    }

    [Theory]
    [InlineData("""{"kind":"minimal","one":"a","other":"u"}""")]
    [InlineData("""{"kind":"short-split"}""")]
    [InlineData("""{"kind":"added-in-front"}""")]
    [InlineData("""{"kind":"added-at-end"}""")]
    public async Task Pairs_of_every_kind_are_found(string asked)
    {
        var request = JsonNode.Parse(asked)!;
        request["accent"] = "us";
        var pairs = (await app.Post("/api/pairs", request)).AsArray();
        Assert.True(pairs.Count >= 20);
        Assert.All(pairs, x => Assert.NotEqual(x!.Text("one"), x!.Text("other")));
    }

    [Fact]
    public async Task A_chain_comes_with_what_changed_and_where()
    {
        var chain = await app.Post("/api/chains", new { accent = "gb-south", taught = Letters, steps = 20, through = new[] { "u" } });
        Assert.Equal("found", chain.Text("outcome"));
        var words = chain["words"]!.AsArray();
        Assert.Equal(21, words.Count);
        Assert.All(words.Skip(1), x => Assert.True(x!.Text("said").Length > 0 && x!["move"] is not null && x!["place"] is not null));
        var none = await app.Post("/api/chains", new { accent = "gb-south", taught = Letters, words = new[] { "cat", "dog" }, steps = 1 });
        Assert.Equal("noneExists", none.Text("outcome"));
    }

    [Fact]
    public async Task Evidence_and_rules_are_answered_with_their_words()
    {
        Assert.Contains((await app.Get("/api/evidence?accent=us"))["sounds"]!.AsArray(), x => x!.Text("sound") == "ai" && x!.Number("spellings") > 5);
        var last = (await app.Get("/api/evidence/ai?accent=gb-north")).AsArray().First(x => x!.Text("place") == "last" && x!.Text("context").Length == 0)!;
        Assert.Equal("ay", last.Text("bestBet"));
        Assert.NotEmpty(last["exceptions"]!.AsArray());
        var rule = await app.Post("/api/rules", new { accent = "us", claim = "spelt-so", grapheme = "ck", sound = "k", place = "last", afterShortVowel = true, mostSyllables = 1 });
        Assert.Contains("duck", rule["forWords"]!.AsArray().Select(x => x!.GetValue<string>()));
        Assert.True(rule["share"]!.GetValue<double>() > 0.75);
    }

    [Fact]
    public async Task Sound_alikes_come_in_sets_and_follow_the_accent()
    {
        async Task<bool> Together(string accent, string one, string other) => (await app.Get($"/api/homophones?accent={accent}")).AsArray()
            .Select(x => x!["words"]!.AsArray().Select(w => w!.GetValue<string>()).ToList()).Any(x => x.Contains(one) && x.Contains(other));
        Assert.True(await Together("gb-south", "sea", "see"));
        Assert.True(await Together("gb-south", "paw", "poor"));
        Assert.False(await Together("us", "paw", "poor"));
    }

    [Fact]
    public async Task The_lexicon_is_downloaded_as_CSV_that_an_office_program_reads()
    {
        using var response = await app.Client.GetAsync("/api/lexicon.csv?accent=scotland");
        Assert.Equal("text/csv", response.Content.Headers.ContentType!.MediaType);
        var lines = (await response.Content.ReadAsStringAsync()).Split("\r\n", StringSplitOptions.RemoveEmptyEntries);
        Assert.True(lines.Length > 20_000);
        Assert.Contains("word", lines[0], StringComparison.Ordinal);
        Assert.All(lines, x => Assert.Equal(lines[0].Count(c => c == ','), x.Count(c => c == ',')));
    }

    [Theory]
    [InlineData("/api/made-up/check", """{"accent":"mars","words":[]}""", "accent")]
    [InlineData("/api/made-up/check", """{"accent":"us","words":["a b"]}""", "words")]
    [InlineData("/api/made-up/check", """{"accent":"us","words":[null]}""", "words")]
    [InlineData("/api/made-up/check", """{"accent":"us","words":["vem"],"taught":["sh"]}""", "taught")]
    [InlineData("/api/made-up/make", """{"accent":"us","taught":["x"]}""", "taught")]
    [InlineData("/api/made-up/make", """{"accent":"us","taught":[],"mostSounds":99}""", "mostSounds")]
    [InlineData("/api/lists", """{"accent":"us","kind":"all"}""", "kind")]
    [InlineData("/api/lists", """{"accent":"us","sound":"qq"}""", "sound")]
    [InlineData("/api/lists", """{"accent":"us","place":"7"}""", "place")]
    [InlineData("/api/lists", """{"accent":"us","count":100000}""", "count")]
    [InlineData("/api/lists", """{"accent":"us","kind":"by-spelling"}""", "sound")]
    [InlineData("/api/lists", """{"accent":"us","kind":"by-ending-sound","ending":"zz"}""", "ending")]
    [InlineData("/api/pairs", """{"accent":"us","one":"a"}""", "other")]
    [InlineData("/api/pairs", """{"accent":"us","kind":"odd"}""", "kind")]
    [InlineData("/api/chains", """{"accent":"us","steps":500}""", "steps")]
    [InlineData("/api/chains", """{"accent":"us","through":["zz9"]}""", "through")]
    [InlineData("/api/chains", """{"accent":"us","through":[null]}""", "through")]
    [InlineData("/api/chains", """{"accent":"us","start":"zzz"}""", "start")]
    [InlineData("/api/rules", """{"accent":"us","claim":"perhaps"}""", "claim")]
    [InlineData("/api/rules", """{"accent":"us","claim":"spelt-so"}""", "grapheme")]
    [InlineData("/api/rules", """{"accent":"us","claim":"stands-so","grapheme":"ay"}""", "place")]
    public async Task A_bad_question_is_answered_with_the_field(string address, string body, string field)
    {
        var (status, problem) = await app.Fail(HttpMethod.Post, address, JsonNode.Parse(body));
        Assert.Equal((400, field), (status, problem.Text("field")));
        Assert.NotEmpty(problem.Text("detail"));
    }

    [Theory]
    [InlineData("/api/evidence/qq", "sound")]
    [InlineData("/api/evidence/ai?accent=x", "accent")]
    [InlineData("/api/homophones?accent=x", "accent")]
    [InlineData("/api/lexicon.csv?accent=x", "accent")]
    public async Task A_bad_address_is_answered_with_the_field(string address, string field)
    {
        var (status, problem) = await app.Fail(HttpMethod.Get, address);
        Assert.Equal((400, field), (status, problem.Text("field")));
    }

    [Fact]
    public async Task Whatever_is_asked_there_is_no_500()
    {
        var text = Gen.OneOf(Gen.String, OneOf("us", "gb-south", "a", "ai", "first", "cat", "words", "minimal", "s:s", ""));
        var values = Gen.OneOf<JsonNode?>(
            text.Select(x => (JsonNode?)JsonValue.Create(x)), Gen.Int.Select(x => (JsonNode?)JsonValue.Create(x)), Gen.Bool.Select(x => (JsonNode?)JsonValue.Create(x)),
            text.Array[0, 5].Select(x => (JsonNode?)new JsonArray([.. x.Select(v => (JsonNode?)JsonValue.Create(v))])));
        var names = "words taught kind sound grapheme place without ending fewestSounds mostSounds one other steps through start seed claim afterShortVowel count".Split(' ');
        var addresses = "/api/made-up/check /api/made-up/make /api/lists /api/pairs /api/chains /api/rules /api/verdicts".Split(' ');
        var cases = new List<(string Address, JsonObject Body)>();
        Gen.Select(OneOf(addresses), Gen.Select(OneOf(names), values).Array[0, 5]).Sample(
            (address, fields) =>
            {
                var body = new JsonObject { ["accent"] = "us", ["taught"] = new JsonArray("s:s", "a:a", "t:t"), ["words"] = new JsonArray("cat") };
                foreach (var (name, value) in fields)
                {
                    body[name] = value?.DeepClone();
                }

                lock (cases)
                {
                    cases.Add((address, body));
                }
            }, iter: 150, threads: 1);
        foreach (var (address, body) in cases)
        {
            using var content = new StringContent(body.ToJsonString(), Encoding.UTF8, "application/json");
            using var response = await app.Client.PostAsync(address, content);
            Assert.True(response.StatusCode is HttpStatusCode.OK or HttpStatusCode.BadRequest, $"{address} {body.ToJsonString()}: {response.StatusCode}");
        }
    }

    private static Gen<string> OneOf(params string[] of) => Gen.Int[0, of.Length - 1].Select(i => of[i]);
}
