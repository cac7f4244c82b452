using System.Diagnostics;
using System.Net;
using System.Net.Sockets;

namespace BoldLadder.Server.Tests;

/// <summary>The server as a process of its own, as ./start runs it.</summary>
internal sealed class ServerProcess : IDisposable
{
    private readonly Process _process;

    private readonly System.Text.StringBuilder _log;

    private ServerProcess(Process process, HttpClient client, System.Text.StringBuilder log) => (_process, Client, _log) = (process, client, log);

    /// <summary>What it has written so far.</summary>
    public string Log
    {
        get
        {
            lock (_log)
            {
                return _log.ToString();
            }
        }
    }

    /// <summary>At once, as a machine does that loses its power.</summary>
    public void Kill()
    {
        _process.Kill();
        _process.WaitForExit();
    }

    public HttpClient Client { get; }

    /// <param name="rate">Questions that one caller may ask in a minute.</param>
    /// <param name="database">Another way to the database than the tests' own.</param>
    public static async Task<ServerProcess> Start(int rate = 100_000, string? database = null, bool patient = false)
    {
        using var listener = new TcpListener(IPAddress.Loopback, 0);
        listener.Start();
        var port = ((IPEndPoint)listener.LocalEndpoint).Port;
        listener.Stop();
        var start = new ProcessStartInfo("dotnet")
        {
            ArgumentList = { Path.Combine(AppContext.BaseDirectory, "BoldLadder.Server.dll"), "--urls", $"http://127.0.0.1:{port}" },
            WorkingDirectory = AppContext.BaseDirectory, RedirectStandardOutput = true, RedirectStandardError = true,
        };
        start.Environment["BOLDLADDER_DB"] = database ?? App.AppDb;
        start.Environment["Logging__LogLevel__Default"] = "Information";
        start.Environment["BOLDLADDER_TODAY"] = App.Today.ToString("O");
        start.Environment["BOLDLADDER_RATE"] = rate.ToString(System.Globalization.CultureInfo.InvariantCulture);
        var process = Process.Start(start)!;
        var log = new System.Text.StringBuilder();
        process.OutputDataReceived += (_, line) =>
        {
            lock (log)
            {
                log.AppendLine(line.Data);
            }
        };
        process.BeginOutputReadLine();
        process.BeginErrorReadLine();
        var client = new HttpClient(patient ? new Patience { InnerHandler = new SocketsHttpHandler() } : new SocketsHttpHandler()) { BaseAddress = new Uri($"http://127.0.0.1:{port}") };
        for (var i = 0; i < 900; i++)
        {
            try
            {
                if ((await client.GetAsync("/health/ready")).IsSuccessStatusCode)
                {
                    return new ServerProcess(process, client, log);
                }
            }
            catch (HttpRequestException)
            {
                // Not listening yet.
            }

            await Task.Delay(100);
        }

        process.Kill();
        throw new InvalidOperationException("a server process did not become ready");
    }

    public void Dispose()
    {
        Client.Dispose();
        _process.Kill();
        _process.Dispose();
    }
}
