namespace BoldLadder.Core.Lessons;

/// <summary>Several rows gone through side by side.</summary>
internal static class TurnAbout
{
    /// <summary>The first of each row, then the second of each, and so on; none is asked for before it is its turn.</summary>
    public static IEnumerable<T> Of<T>(IReadOnlyList<IEnumerable<T>> rows)
    {
        var left = rows.Select(x => x.GetEnumerator()).ToList();
        while (left.Count > 0)
        {
            foreach (var row in left.ToList())
            {
                if (row.MoveNext())
                {
                    yield return row.Current;
                }
                else
                {
                    left.Remove(row);
                }
            }
        }
    }
}
