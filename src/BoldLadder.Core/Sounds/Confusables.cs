namespace BoldLadder.Core.Sounds;

/// <summary>Things easily taken for each other, by look or by sound. Source: the domain's list of clashes.</summary>
public static class Confusables
{
    private static readonly HashSet<(string, string)> Looks = PairsOf("b d,p q,b p,d q,n h,n u,m n,m w,v w,f t,i l,i j,g q,a o,c e");
    private static readonly HashSet<(string, string)> Turns = PairsOf("b d,p q,b p,d q,u n,m w");
    private static readonly HashSet<(string, string)> Sounds = PairsOf("e i,m n,f th,f v,th v,k g,t d,s z,ch j,sh ch,u oo,ee i,ai a");

    /// <summary>Tricky words that children take for each other. Source: words of like letters among the commonest.</summary>
    private static readonly HashSet<(string, string)> Words = PairsOf(
        "was saw,of off,of for,on no,were where,were here,where there,here there,their they,there they,them then,what that,when then,want went,your you,one once,who how,these those,says said,any many,through though,though thought,does goes,quite quiet");

    /// <summary>True when two spellings are easily taken for each other, or are one spelling with two sounds.</summary>
    public static bool Are(string grapheme, string other) =>
        grapheme == other || LookAlike(grapheme, other) || SoundAlike(grapheme, other);

    public static bool LookAlike(string grapheme, string other) => Looks.Contains((grapheme, other)) || Looks.Contains((other, grapheme));

    /// <summary>True when one letter is the other turned round: the likeliest of look-alikes.</summary>
    public static bool Turned(string grapheme, string other) => Turns.Contains((grapheme, other)) || Turns.Contains((other, grapheme));

    public static bool SoundAlike(string grapheme, string other) => Sounds.Contains((grapheme, other)) || Sounds.Contains((other, grapheme));

    /// <param name="word">In lower case, as the other.</param>
    public static bool WordsAlike(string word, string other) => Words.Contains((word, other)) || Words.Contains((other, word));

    private static HashSet<(string, string)> PairsOf(string pairs) => [.. pairs.Split(',').Select(x => x.Split(' ')).Select(x => (x[0], x[1]))];
}
