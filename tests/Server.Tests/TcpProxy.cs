using System.Net;
using System.Net.Sockets;
using Npgsql;

namespace BoldLadder.Server.Tests;

/// <summary>Stands between a server and its database, and can be frozen, or gone.</summary>
internal sealed class TcpProxy : IDisposable
{
    private readonly TcpListener _listener = new(IPAddress.Loopback, 0);
    private readonly (string Host, int Port) _target;
    private readonly List<Socket> _open = [];
    private readonly Lock _lock = new();
    private volatile bool _frozen, _gone;

    public TcpProxy(string connection)
    {
        var database = new NpgsqlConnectionStringBuilder(connection);
        _target = (database.Host!, database.Port);
        _listener.Start();
        Connection = new NpgsqlConnectionStringBuilder(connection) { Port = ((IPEndPoint)_listener.LocalEndpoint).Port }.ConnectionString;
        _ = Accept();
    }

    /// <summary>The connection string that goes through it.</summary>
    public string Connection { get; }

    /// <summary>Bytes are taken and go nowhere, as from a machine that stopped.</summary>
    public bool Frozen
    {
        set => _frozen = value;
    }

    /// <summary>Connections are cut, and new ones too.</summary>
    public bool Gone
    {
        set
        {
            _gone = value;
            lock (_lock)
            {
                _open.ForEach(x => x.Dispose());
                _open.Clear();
            }
        }
    }

    public void Dispose()
    {
        Gone = true;
        _listener.Dispose();
    }

    private async Task Accept()
    {
        try
        {
            while (true)
            {
                var inner = await _listener.AcceptSocketAsync();
                if (_gone)
                {
                    inner.Dispose();
                    continue;
                }

                var outer = new Socket(SocketType.Stream, ProtocolType.Tcp);
                await outer.ConnectAsync(_target.Host, _target.Port);
                lock (_lock)
                {
                    _open.AddRange([inner, outer]);
                }

                _ = Pump(inner, outer);
                _ = Pump(outer, inner);
            }
        }
        catch (Exception problem) when (problem is SocketException or ObjectDisposedException)
        {
            // The proxy was put away.
        }
    }

    private async Task Pump(Socket from, Socket to)
    {
        var buffer = new byte[65536];
        try
        {
            for (var read = await from.ReceiveAsync(buffer); read > 0; read = await from.ReceiveAsync(buffer))
            {
                while (_frozen)
                {
                    await Task.Delay(20);
                }

                await to.SendAsync(buffer.AsMemory(0, read));
            }

            to.Shutdown(SocketShutdown.Send);
        }
        catch (Exception problem) when (problem is SocketException or ObjectDisposedException)
        {
            // The other side is gone.
        }
    }
}
