namespace BoldLadder.Core.Sounds;

/// <summary>
/// The sounds that a child most easily says or hears for another, the likeliest slip first. Source: pairs that differ in
/// voice, in place or in length alone.
/// </summary>
public static class NearSounds
{
    private static readonly Dictionary<string, string[]> Near = (
        "p:b b:p t:d d:t k:g g:k f:th,v v:f th:f,s dh:v,th s:sh,z z:s sh:s,ch zh:sh ch:sh,j j:ch,y m:n n:m ng:n l:r r:w,l w:v,r wh:f y:j h:f "
        + "a:e,u e:i,a i:e,ee o:u,aw u:o,a uu:oo ai:e,a ee:i igh:ai,oi oa:o,ow oo:uu,u ow:oa oi:igh ar:a,or or:o,ar aw:o ur:u,or air:ear ear:air,ee ure:or")
        .Split(' ').Select(x => x.Split(':')).ToDictionary(x => x[0], x => x[1].Split(','));

    /// <summary>Near sounds, likeliest first; none for the weak vowel and for two sounds in one.</summary>
    public static IEnumerable<Sound> Of(Sound sound) => sound.Second is null && Near.TryGetValue(sound.Key, out var near)
        ? near.Select(x => new Sound(Phonemes.Find(x)!)) : [];

    /// <summary>Every pair, each once, as keys.</summary>
    public static IEnumerable<(string One, string Other)> Pairs => Near.SelectMany(x => x.Value.Select(y =>
        string.CompareOrdinal(x.Key, y) < 0 ? (x.Key, y) : (y, x.Key))).Distinct();
}
