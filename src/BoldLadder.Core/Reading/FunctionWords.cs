namespace BoldLadder.Core.Reading;

/// <summary>
/// The small words of grammar. They are so common that they would drown every count by frequency, so evidence on
/// spelling counts them apart.
/// </summary>
public static class FunctionWords
{
    private static readonly HashSet<string> Words =
    [
        .. ("a about above after again all also am an and any are as at be because been before being both but by can could did do does doing done down each "
            + "every few for from had has have having he her here hers him his how i if in into is it its just me might more most much must my no nor not now "
            + "of off on once one only or other our ours out over own shall she should so some such than that the their them then there these they this those "
            + "through to too two under until up upon us very was we were what when where which while who whom whose why will with would yeah yes yet you your yours")
            .Split(' '),
    ];

    public static bool Has(string word) => Words.Contains(word);
}
