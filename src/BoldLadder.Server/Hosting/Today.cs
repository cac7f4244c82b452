using System.Globalization;

namespace BoldLadder.Server.Hosting;

/// <summary>Today's date; BOLDLADDER_TODAY (2026-11-24) fixes it for tests and pictures.</summary>
public sealed class Today(IConfiguration configuration)
{
    private readonly DateOnly? _fixed = Parse(configuration["BOLDLADDER_TODAY"]);

    public DateOnly Date => _fixed ?? DateOnly.FromDateTime(DateTime.Now);

    private static DateOnly? Parse(string? text) => string.IsNullOrEmpty(text) ? null
        : DateOnly.TryParseExact(text, "yyyy-MM-dd", CultureInfo.InvariantCulture, DateTimeStyles.None, out var date)
            ? date
            : throw new InvalidOperationException($"BOLDLADDER_TODAY must be a date such as 2026-11-24, not '{text}'.");
}
