using System.Text;
using BoldLadder.Core.Importing;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Sounds;
using BoldLadder.Server.Importing;

namespace BoldLadder.Server.Tests.Importing;

public class LadderFileTests(App app)
{
    [Theory]
    [InlineData("estuary")]
    [InlineData("ridge")]
    public void A_ladder_sent_out_and_brought_in_again_is_the_same(string name)
    {
        var ladder = LadderText.Parse(File.ReadAllText(Path.Combine(App.Root, "data", "demo", $"{name}.ladder.tsv")));
        Same(ladder, LadderFiles.Read(SheetFile.Read("ladder.csv", LadderFiles.Csv(ladder)), true, out _));
        Same(ladder, LadderFiles.Read(SheetFile.Read("ladder.xlsx", LadderFiles.Xlsx(ladder)), false, out _));
    }

    [Fact]
    public async Task The_schema_of_a_ladder_file_is_the_one_that_ships()
    {
        var sent = await app.Client.GetStringAsync("/api/schemas/ladder.json");
        Assert.Equal(await File.ReadAllTextAsync(Path.Combine(App.Root, "docs", "ladder.schema.json")), sent);
        var schema = System.Text.Json.Nodes.JsonNode.Parse(sent)!;
        Assert.Equal(["name", "sections"], schema["required"]!.AsArray().Select(x => x!.GetValue<string>()));
        Assert.Contains("correspondence", sent, StringComparison.Ordinal);
    }

    [Fact]
    public void Any_ladder_sent_out_and_brought_in_again_is_the_same()
    {
        Teachable[] pool =
        [
            .. "s:s a_e:ai x:k+s ow:oa igh:igh u_e:y+oo".Split(' ').Select(x => Teachable.Of(Correspondence.Parse(x))), Teachable.OfEnding("ing"), Teachable.OfEnding("s"),
            Teachable.Of(TaughtStructure.PairAtEnd), Teachable.OfRimeUnit(Core.Words.GraphemeRun.Parse("a:aw ll:l")), Teachable.OfCluster(Core.Words.GraphemeRun.Parse("s:s t:t")),
            Teachable.OfCapital('Q'), Teachable.Of(PunctuationMark.All[4]),
        ];
        string[] texts = ["", "=1+1", "-ing; + more", "two\nlines, \"quoted\"", "@home", "'already", "plain", "a;=b", "été"];
        var dice = new Random(20261125);
        for (var turn = 0; turn < 60; turn++)
        {
            var number = 0;
            var sections = Enumerable.Range(1, dice.Next(1, 5)).Select(s => new Section(
                $"section-{s}", $"Part {s}", new WordShape(dice.Next(2, 9), dice.Next(1, 4), dice.Next(1, 4)),
                [.. Enumerable.Range(0, dice.Next(1, 8)).Select(_ => new Rung
                {
                    Id = $"rung-{++number}", Kind = (RungKind)dice.Next(4), Adds = [.. pool.OrderBy(_ => dice.Next()).Take(dice.Next(1, 4))],
                    TrickyWords = dice.Next(3) == 0 ? ["the", "I"] : [], Days = dice.Next(1, 21), Keyword = dice.Next(2) == 0 ? "sun" : "",
                    Point = dice.Next(2) == 0 ? "s hisses." : "", ListeningWords = dice.Next(2) == 0 ? ["sock", "Oisin"] : [], SayIt = texts[dice.Next(texts.Length)], WriteIt = texts[dice.Next(texts.Length)], Notes = texts[dice.Next(texts.Length)],
                })])).ToList();
            Assert.True(Ladder.TryCreate("A ladder", sections, out var ladder, out _));
            Same(ladder, LadderFiles.Read(SheetFile.Read("ladder.csv", LadderFiles.Csv(ladder)), true, out _));
            Same(ladder, LadderFiles.Read(SheetFile.Read("ladder.xlsx", LadderFiles.Xlsx(ladder)), false, out _));
        }
    }

    [Theory]
    [InlineData(",point,listening words")]
    [InlineData(",listening words")]
    public void A_file_that_was_sent_out_before_rungs_had_so_much_of_their_own_reads_back(string later)
    {
        var ladder = LadderText.Parse("name\tOld\n[All]\t3 1 1\ns:s\tsun");
        var old = System.Text.Encoding.UTF8.GetBytes(System.Text.Encoding.UTF8.GetString(LadderFiles.Csv(ladder)).Replace(later, "", StringComparison.Ordinal));
        Same(ladder, LadderFiles.Read(SheetFile.Read("ladder.csv", old), true, out _));
    }

    [Fact]
    public void A_cell_of_such_a_file_that_was_spoilt_is_named()
    {
        var ladder = LadderText.Parse(File.ReadAllText(Path.Combine(App.Root, "data", "demo", "ridge.ladder.tsv")));
        var csv = Encoding.UTF8.GetString(LadderFiles.Csv(ladder)).Replace("m:m", "m:mm", StringComparison.Ordinal);
        Assert.Null(LadderFiles.Read(SheetFile.Read("ladder.csv", Encoding.UTF8.GetBytes(csv)), true, out var problem));
        Assert.Matches(@"^G\d+, m:mm: ", problem);
    }

    [Theory]
    [InlineData("csv")]
    [InlineData("xlsx")]
    public async Task A_file_that_was_sent_out_is_brought_in_without_a_doubt(string format)
    {
        var school = await School.Make();
        var file = await app.Client.GetByteArrayAsync($"{school.Address}/ladders/{school.LadderId}/file?format={format}");
        var preview = await app.Post($"{school.Address}/ladders/import", new { fileName = $"ladder.{format}", file = Convert.ToBase64String(file) });
        Assert.Empty(preview["doubts"]!.AsArray());
        Assert.Empty(preview["leftOut"]!.AsArray());
        var sent = System.Text.Json.Nodes.JsonNode.Parse(await app.Client.GetStringAsync($"{school.Address}/ladders/{school.LadderId}/file?format=json"))!;
        sent.AsObject().Remove("v");
        Assert.Equal(sent.ToJsonString(), preview["ladder"]!.ToJsonString());
    }

    [Fact]
    public async Task A_form_that_is_not_known_is_told()
    {
        var school = await School.Make();
        Assert.Equal("format", (await app.Fail(HttpMethod.Get, $"{school.Address}/ladders/{school.LadderId}/file?format=pdf")).Problem.Text("field"));
    }

    private static void Same(Ladder sent, Ladder? read)
    {
        Assert.NotNull(read);
        Assert.Equal(0, LadderDifference.Between(sent, read).Count);
        Assert.Equal(sent.Rungs.Select(x => x.Id), read.Rungs.Select(x => x.Id));
    }
}
