using System.Buffers.Binary;
using System.Security.Cryptography;
using System.Text;

namespace BoldLadder.Core.Lessons;

/// <summary>
/// All that a lesson is made from, named by what changes when it changes. Two lessons of one group and day with the same
/// inputs are the same lesson; one whose inputs have changed, and that nobody touched, is made again.
/// </summary>
/// <param name="Ladder">The ladder's id and its published revision.</param>
/// <param name="Accent">The group's accent, its switched merges included.</param>
/// <param name="Conventions">The conventions, written out.</param>
/// <param name="Year">The school's days, written out.</param>
/// <param name="Words">The revision of the school's own words.</param>
/// <param name="LogPosition">How far the group's log goes.</param>
/// <param name="Ahead">The rungs planned for the days between today and the lesson's.</param>
/// <param name="Data">All data files that ship, by their hash.</param>
/// <param name="Room">What the other group in the room goes by; empty for a group alone.</param>
public sealed record LessonInputs(
    string Ladder, string Accent, string Conventions, string Year, int Words, long LogPosition, string Ahead, string Data, ulong Seed, string Room = "")
{
    // Grows when the composer would make another lesson of the same inputs.
    private const int Composer = 39;

    /// <summary>The inputs as 32 hexadecimal digits, the same on every machine.</summary>
    public string Fingerprint
    {
        get
        {
            var text = string.Join('\n', Composer, Ladder, Accent, Conventions, Year, Words, LogPosition, Ahead, Data, Seed, Room);
            return Convert.ToHexStringLower(SHA256.HashData(Encoding.UTF8.GetBytes(text)))[..32];
        }
    }

    /// <summary>The seed of a group's lessons on a day: the same on every machine.</summary>
    public static ulong SeedOf(Guid group, DateOnly day) =>
        BinaryPrimitives.ReadUInt64LittleEndian(SHA256.HashData([.. group.ToByteArray(), .. BitConverter.GetBytes(day.DayNumber)])) >> 12;
}
