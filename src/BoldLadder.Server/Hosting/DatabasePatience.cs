using System.Data.Common;
using Npgsql;

namespace BoldLadder.Server.Hosting;

/// <summary>How long a request waits for the database: one that does not answer is answered for.</summary>
public static class DatabasePatience
{
    private const int ToConnect = 3, ToAnswer = 5, ToCancelMilliseconds = 500, StatementsKept = 40;

    /// <summary>The connection string with the waits in it, unless it says its own.</summary>
    public static string? Within(string? connection)
    {
        if (string.IsNullOrEmpty(connection))
        {
            return connection;
        }

        var said = new DbConnectionStringBuilder { ConnectionString = connection };
        var given = new NpgsqlConnectionStringBuilder(connection);
        if (!said.ContainsKey("Timeout"))
        {
            given.Timeout = ToConnect;
        }

        if (!said.ContainsKey("Command Timeout"))
        {
            given.CommandTimeout = ToAnswer;
        }

        if (!said.ContainsKey("Cancellation Timeout"))
        {
            given.CancellationTimeout = ToCancelMilliseconds;
        }

        // The few questions that every request asks are planned once on a connection.
        if (!said.ContainsKey("Max Auto Prepare"))
        {
            (given.MaxAutoPrepare, given.AutoPrepareMinUsages) = (StatementsKept, 2);
        }

        return given.ConnectionString;
    }
}
