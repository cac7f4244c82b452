using System.Diagnostics;
using System.Net.Http.Json;
using System.Text.Json.Nodes;

/// <summary>
/// What people open most, and what a server can be asked to work out, measured on a running server over several
/// connections. The ratios within one run are what counts.
/// </summary>
internal static class Load
{
    private const int Connections = 8, Rounds = 5;

    private static readonly TimeSpan Round = TimeSpan.FromSeconds(3);

    /// <param name="address">Of a server with the demo schools.</param>
    /// <param name="process">Its process, for its memory.</param>
    public static async Task Run(string address, int process)
    {
        using var client = new HttpClient { BaseAddress = new Uri(address), Timeout = TimeSpan.FromSeconds(100) };
        var schools = JsonNode.Parse(await client.GetStringAsync("/api/schools"))!.AsArray();
        var addresses = new Dictionary<string, string[]> { ["/health/ready"] = ["/health/ready"], ["Today"] = [], ["ladder"] = [] };
        foreach (var id in schools.Select(x => x!["id"]!.GetValue<string>()))
        {
            var school = JsonNode.Parse(await client.GetStringAsync($"/api/schools/{id}"))!;
            foreach (var group in school["groups"]!.AsArray())
            {
                addresses["Today"] = [.. addresses["Today"], $"/api/schools/{id}/groups/{group!["id"]}/lessons/today"];
                addresses["ladder"] = [.. addresses["ladder"], $"/api/schools/{id}/ladders/{group["ladderId"]}?groupId={group["id"]}"];
            }
        }

        // Warm: everything opened a few times.
        foreach (var x in addresses.Values.SelectMany(x => x).SelectMany(x => Enumerable.Repeat(x, 20)))
        {
            await client.GetByteArrayAsync(x);
        }

        var taken = addresses.Keys.ToDictionary(x => x, _ => new List<double>());
        for (var round = 0; round < Rounds; round++)
        {
            foreach (var (name, list) in addresses)
            {
                taken[name].AddRange(await Ask(client, list, Connections, Round));
            }
        }

        var ready = Percentile(taken["/health/ready"], 0.99);
        foreach (var (name, times) in taken)
        {
            Console.WriteLine(
                $"{name,-14} {times.Count / (Rounds * Round.TotalSeconds),7:0} a second; median {Percentile(times, 0.5),6:0.0} ms, 99th {Percentile(times, 0.99),6:0.0} ms: {Percentile(times, 0.99) / ready:0.0} times that of /health/ready");
        }

        Console.WriteLine($"memory of the server after it: {Memory(process)} MB resident");
    }

    /// <summary>All lessons of a year planned and stored, for each demo group, as its button asks: in stretches, each from where the last stopped.</summary>
    public static async Task Year(string address)
    {
        using var client = new HttpClient { BaseAddress = new Uri(address), Timeout = TimeSpan.FromSeconds(100) };
        foreach (var school in JsonNode.Parse(await client.GetStringAsync("/api/schools"))!.AsArray().Select(x => x!["id"]!.GetValue<string>()))
        {
            foreach (var group in JsonNode.Parse(await client.GetStringAsync($"/api/schools/{school}"))!["groups"]!.AsArray())
            {
                var (from, stretches, watch) = (default(string), new List<(double Milliseconds, int Lessons)>(), Stopwatch.StartNew());
                do
                {
                    var began = watch.Elapsed;
                    using var answer = await client.PostAsJsonAsync($"/api/schools/{school}/groups/{group!["id"]}/year/lessons", new { from });
                    var progress = JsonNode.Parse(await answer.Content.ReadAsStringAsync())!;
                    stretches.Add(((watch.Elapsed - began).TotalMilliseconds, progress["made"]!.GetValue<int>()));
                    from = progress["next"]?.GetValue<string>();
                }
                while (from is not null);

                Console.WriteLine(
                    $"the year of {group["name"]}: {stretches.Sum(x => x.Lessons)} lessons made and stored in {watch.Elapsed.TotalSeconds:0.0} s; "
                    + $"one lesson of the last month costs {OfAMonth(Enumerable.Reverse(stretches)) / OfAMonth(stretches):0.0} times one of the first");
            }
        }
    }

    // Of one lesson, over as many whole stretches as hold a month of lessons: a single stretch is over in a third of a second, and another process is seen in it.
    private static double OfAMonth(IEnumerable<(double Milliseconds, int Lessons)> stretches)
    {
        var (milliseconds, lessons) = (0.0, 0);
        foreach (var stretch in stretches.TakeWhile(_ => lessons < 20))
        {
            (milliseconds, lessons) = (milliseconds + stretch.Milliseconds, lessons + stretch.Lessons);
        }

        return milliseconds / lessons;
    }

    /// <summary>Many large questions at once, and what a teacher and a watch see meanwhile.</summary>
    public static async Task Starve(string address)
    {
        using var client = new HttpClient { BaseAddress = new Uri(address), Timeout = TimeSpan.FromSeconds(100) };
        var school = JsonNode.Parse(await client.GetStringAsync("/api/schools"))!.AsArray()[0]!["id"];
        var group = JsonNode.Parse(await client.GetStringAsync($"/api/schools/{school}"))!["groups"]![0]!["id"];
        var today = $"/api/schools/{school}/groups/{group}/lessons/today";
        await client.GetByteArrayAsync(today);
        var all = File.ReadLines("data/lexicon/correspondences.tsv").Where(x => x.Length > 0 && x[0] != '#').Select(x => x.Split('\t'))
            .Select(x => $"{x[0]}:{x[1].Split(' ')[0].Split(':')[0]}").ToArray();
        foreach (var count in new[] { 10, 40 })
        {
            using var stop = new CancellationTokenSource();
            var asked = Enumerable.Range(0, count).Select(async _ =>
            {
                var statuses = new List<int>();
                while (!stop.IsCancellationRequested)
                {
                    using var answer = await client.PostAsJsonAsync("/api/made-up/make", new { accent = "us", taught = all, mostSounds = 5, mostTogether = 3, count = 100 });
                    statuses.Add((int)answer.StatusCode);
                }

                return statuses;
            }).ToList();
            await Task.Delay(1000);
            var live = await Ask(client, ["/health/live"], 2, TimeSpan.FromSeconds(10));
            var opened = await Ask(client, [today], 1, TimeSpan.FromSeconds(5));
            await stop.CancelAsync();
            var answers = (await Task.WhenAll(asked)).SelectMany(x => x).GroupBy(x => x).OrderBy(x => x.Key).Select(x => $"{x.Count()} times {x.Key}");
            Console.WriteLine(
                $"{count} at once ask for made-up words of {all.Length} correspondences ({string.Join(", ", answers)}): /health/live 99th {Percentile(live, 0.99):0} ms of {live.Count}; a lesson opens in {Percentile(opened, 0.99):0} ms (99th of {opened.Count})");
        }
    }

    private static async Task<List<double>> Ask(HttpClient client, string[] addresses, int connections, TimeSpan time)
    {
        var clock = Stopwatch.StartNew();
        var asked = Enumerable.Range(0, connections).Select(async c =>
        {
            var times = new List<double>();
            for (var i = c; clock.Elapsed < time; i++)
            {
                var start = Stopwatch.GetTimestamp();
                using var answer = await client.GetAsync(addresses[i % addresses.Length], HttpCompletionOption.ResponseContentRead);
                answer.EnsureSuccessStatusCode();
                times.Add(Stopwatch.GetElapsedTime(start).TotalMilliseconds);
            }

            return times;
        });
        return [.. (await Task.WhenAll(asked)).SelectMany(x => x)];
    }

    private static double Percentile(List<double> times, double share)
    {
        times.Sort();
        return times[Math.Min(times.Count - 1, (int)(times.Count * share))];
    }

    private static long Memory(int process) => long.Parse(
        File.ReadLines($"/proc/{process}/status").First(x => x.StartsWith("VmRSS", StringComparison.Ordinal)).Split(' ', StringSplitOptions.RemoveEmptyEntries)[1]) / 1024;
}
