namespace BoldLadder.Core.Sounds;

/// <summary>Things easily taken for each other, by look or by sound. Source: the domain's list of clashes.</summary>
public static class Confusables
{
    private static readonly HashSet<(string, string)> Pairs =
    [
        .. "b d,p q,b p,d q,n h,n u,m n,m w,v w,f t,i l,i j,g q,a o,c e,e i,f th,f v,th v,k g,t d,s z,ch j,sh ch,u oo,ee i,ai a"
            .Split(',').Select(x => x.Split(' ')).Select(x => (x[0], x[1])),
    ];

    /// <summary>True when two spellings are easily taken for each other, or are one spelling with two sounds.</summary>
    public static bool Are(string grapheme, string other) =>
        grapheme == other || Pairs.Contains((grapheme, other)) || Pairs.Contains((other, grapheme));
}
