using System.Data.Common;
using Microsoft.EntityFrameworkCore.Diagnostics;

namespace BoldLadder.Server.Storage;

/// <summary>
/// Tells PostgreSQL, on every connection that is opened, which school may be seen. The pool forgets
/// it when the connection goes back.
/// </summary>
public sealed class SchoolOnConnection : DbConnectionInterceptor
{
    public override async Task ConnectionOpenedAsync(
        DbConnection connection, ConnectionEndEventData eventData, CancellationToken cancellationToken = default)
    {
        if (eventData.Context is BoldLadderDb { ChosenSchool: { } school })
        {
            await using var command = connection.CreateCommand();
            command.CommandText = "select set_config('boldladder.school', @school, false)";
            var parameter = command.CreateParameter();
            parameter.ParameterName = "school";
            parameter.Value = school.ToString();
            command.Parameters.Add(parameter);
            await command.ExecuteNonQueryAsync(cancellationToken);
        }
    }

    public override void ConnectionOpened(DbConnection connection, ConnectionEndEventData eventData) =>
        ConnectionOpenedAsync(connection, eventData).GetAwaiter().GetResult();
}
