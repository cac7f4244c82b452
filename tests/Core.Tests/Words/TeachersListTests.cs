using BoldLadder.Core.Sounds;
using BoldLadder.Core.Words;

namespace BoldLadder.Core.Tests.Words;

/// <summary>Words split and divided by hand, one for every spelling that classes meet: what a teacher would write on the board.</summary>
public class TeachersListTests
{
    // The first reading in Southern British; the other accents have the same but for what is listed below.
    private const string Splits =
        """
        sat = s:s a:a t:t
        farm = f:f ar:ar m:m
        sudden = s:s u:u dd:d e:schwa n:n
        me = m:m e:ee
        few = f:f ew:y+oo
        egg = e:e gg:g
        summer = s:s u:u mm:m er:schwa
        funny = f:f u:u nn:n y:ee
        mirror = m:m i:i rr:r or:schwa
        baby = b:b a:ai b:b y:ee
        robot = r:r o:oa b:b o:o t:t
        tiger = t:t i:igh g:g er:schwa
        music = m:m u:y+oo s:z i:i c:k
        cube = c:k u_e:y+oo b:b
        large = l:l ar:ar ge:j
        cheese = ch:ch ee:ee se:z
        zip = z:z i:i p:p
        talk = t:t al:aw k:k
        ship = sh:sh i:i p:p
        chop = ch:ch o:o p:p
        thin = th:th i:i n:n
        then = th:dh e:e n:n
        ring = r:r i:i ng:ng
        pink = p:p i:i n:ng k:k
        quick = qu:k+w i:i ck:k
        box = b:b o:o x:k+s
        bell = b:b e:e ll:l
        fizz = f:f i:i zz:z
        puff = p:p u:u ff:f
        catch = c:k a:a tch:ch
        bridge = b:b r:r i:i dge:j
        whale = wh:wh a_e:ai l:l
        rain = r:r ai:ai n:n
        play = p:p l:l ay:ai
        cake = c:k a_e:ai k:k
        feet = f:f ee:ee t:t
        seat = s:s ea:ee t:t
        these = th:dh e_e:ee s:z
        field = f:f ie:ee l:l d:d
        happy = h:h a:a pp:p y:ee
        key = k:k ey:ee
        night = n:n igh:igh t:t
        time = t:t i_e:igh m:m
        pie = p:p ie:igh
        cry = c:k r:r y:igh
        boat = b:b oa:oa t:t
        home = h:h o_e:oa m:m
        snow = s:s n:n ow:oa
        toe = t:t oe:oa
        moon = m:m oo:oo n:n
        blue = b:b l:l ue:oo
        flute = f:f l:l u_e:oo t:t
        grew = g:g r:r ew:oo
        book = b:b oo:uu k:k
        cow = c:k ow:ow
        cloud = c:k l:l ou:ow d:d
        coin = c:k oi:oi n:n
        boy = b:b oy:oi
        fork = f:f or:or k:k
        store = s:s t:t ore:or
        saw = s:s aw:aw
        launch = l:l au:aw n:n ch:ch
        her = h:h er:ur
        bird = b:b ir:ur d:d
        turn = t:t ur:ur n:n
        hair = h:h air:air
        care = c:k are:air
        bear = b:b ear:air
        deer = d:d eer:ear
        near = n:n ear:ear
        head = h:h ea:e d:d
        bread = b:b r:r ea:e d:d
        phone = ph:f o_e:oa n:n
        knee = kn:n ee:ee
        write = wr:r i_e:igh t:t
        lamb = l:l a:a mb:m
        gnat = gn:n a:a t:t
        city = c:s i:i t:t y:ee
        giant = g:j i:igh a:schwa n:n t:t
        cell = c:s e:e ll:l
        face = f:f a_e:ai c:s
        page = p:p a_e:ai g:j
        horse = h:h or:or se:s
        sneeze = s:s n:n ee:ee ze:z
        give = g:g i:i ve:v
        fence = f:f e:e n:n ce:s
        rabbit = r:r a:a bb:b i:i t:t
        sunset = s:s u:u n:n s:s e:e t:t
        jumped = j:j u:u m:m p:p ed:t
        played = p:p l:l ay:ai ed:d
        wanted = w:w a:o n:n t:t e:i d:d
        dogs = d:d o:o g:g s:z
        cats = c:k a:a t:t s:s
        hopping = h:h o:o pp:p i:i ng:ng
        making = m:m a_e-:ai k:k i:i ng:ng
        table = t:t a:ai b:b le:schwa+l
        apple = a:a pp:p le:schwa+l
        little = l:l i:i tt:t le:schwa+l
        rocket = r:r o:o ck:k e:i t:t
        swan = s:s w:w a:o n:n
        wash = w:w a:o sh:sh
        squash = s:s qu:k+w a:o sh:sh
        warm = w:w ar:or m:m
        water = w:w a:aw t:t er:schwa
        was = w:w a:o s:z
        said = s:s ai:e d:d
        some = s:s o_e:u m:m
        come = c:k o_e:u m:m
        love = l:l o_e:u v:v
        they = th:dh ey:ai
        here = h:h ere:ear
        there = th:dh ere:air
        many = m:m a:e n:n y:ee
        eight = eigh:ai t:t
        chief = ch:ch ie:ee f:f
        school = s:s ch:k oo:oo l:l
        chef = ch:sh e:e f:f
        bush = b:b u:uu sh:sh
        put = p:p u:uu t:t
        find = f:f i:igh n:n d:d
        cold = c:k o:oa l:l d:d
        most = m:m o:oa s:s t:t
        wild = w:w i:igh l:l d:d
        ball = b:b a:aw ll:l
        walk = w:w al:aw k:k
        thumb = th:th u:u mb:m
        comb = c:k o:oa mb:m
        castle = c:k a:ar st:s le:schwa+l
        listen = l:l i:i st:s e:schwa n:n
        monkey = m:m o:u n:ng k:k ey:ee
        mother = m:m o:u th:dh er:schwa
        young = y:y ou:u ng:ng
        double = d:d ou:u b:b le:schwa+l
        soup = s:s ou:oo p:p
        laugh = l:l au:ar gh:f
        rough = r:r ou:u gh:f
        caught = c:k augh:aw t:t
        bought = b:b ough:aw t:t
        though = th:dh ough:oa
        build = bu:b i:i l:l d:d
        guess = gu:g e:e ss:s
        ghost = gh:g o:oa s:s t:t
        island = is:igh l:l a:schwa n:n d:d
        sugar = s:sh u:uu g:g ar:schwa
        treasure = t:t r:r ea:e s:zh ure:schwa
        """;

    private const string Elsewhere =
        """
        gb-north castle = c:k a:a st:s le:schwa+l
        scotland castle = c:k a:a st:s le:schwa+l
        us castle = c:k a:a st:s le:schwa+l
        gb-north laugh = l:l au:a gh:f
        scotland laugh = l:l au:a gh:f
        us laugh = l:l au:a gh:f
        """;

    private const string Divisions =
        """
        rab-bit sun-set ti-ger ro-bot pa-per mon-ster hap-py kit-ten nap-kin pic-nic hun-dred chil-dren ta-ble lit-tle
        jump-ing play-ground rain-bow el-e-phant ba-na-na to-ma-to re-mem-ber yes-ter-day um-brel-la hol-i-day
        ad-ven-ture mu-sic pi-lot o-pen be-gin ho-tel win-dow pen-cil bas-ket den-tist in-sect can-dle sis-ter doc-tor
        gar-den mar-ket don-key tur-key trum-pet pump-kin hel-i-cop-ter to-geth-er an-i-mal fam-i-ly croc-o-dile
        kan-ga-roo di-no-saur but-ter-fly cat-er-pil-lar hos-pi-tal mas-ter plas-ter se-cret de-gree a-gree gor-il-la
        po-ta-to vol-ca-no vis-it riv-er lem-on spi-der ba-by pret-ty e-lec-tric pres-i-dent med-i-cine ra-di-o i-de-a
        li-on po-em di-et drag-on plan-et a-corn ba-con stu-dent fi-nal po-ny la-zy help-less use-ful kind-ness pay-ment
        mo-ment dif-fi-cult cel-e-brate veg-e-ta-ble im-por-tant in-vi-ta-tion round-a-bout teach-er hop-ping snow-man
        """;

    [Fact]
    public void Every_word_of_the_list_is_split_as_it_was_by_hand_in_every_accent()
    {
        var elsewhere = Rows(Elsewhere).ToDictionary(x => x.Word, x => x.Split);
        foreach (var (word, split) in Rows(Splits))
        {
            foreach (var accent in Accent.All)
            {
                var expected = elsewhere.GetValueOrDefault($"{accent.Id} {word}", split);
                Assert.Equal($"{accent.Id} {word}: {expected}", $"{accent.Id} {word}: {World.Lexicon.Readings(World.Lexicon.Find(word)!, accent)[0]}");
            }
        }
    }

    [Fact]
    public void Every_spelling_that_the_demo_ladders_teach_is_in_the_list()
    {
        var listed = Rows(Splits).SelectMany(x => x.Split.Split(' ')).Select(x => Correspondence.Parse(x.Replace("-:", ":", StringComparison.Ordinal))).ToList();
        foreach (var taught in World.Estuary.Rungs.Concat(World.Ridge.Rungs).SelectMany(x => x.Correspondences))
        {
            // What a southern ladder calls or, the list may call aw: one sound there.
            Assert.Contains(listed, x => x.Grapheme == taught.Grapheme && World.South.Rules.SameSound(x.Sound, taught.Sound));
        }
    }

    [Fact]
    public void Every_word_of_the_list_is_divided_as_it_was_by_hand()
    {
        foreach (var divided in Divisions.Split((char[])[' ', '\n'], StringSplitOptions.RemoveEmptyEntries))
        {
            var word = World.South.Words.Find(divided.Replace("-", "", StringComparison.Ordinal));
            Assert.True(word is not null, divided);
            Assert.Equal(divided, string.Join('-', Structure.Divided(word.Readings[0], word.Word)));
        }
    }

    [Theory]
    [InlineData("e:i", true)]
    [InlineData("a:schwa", true)]
    [InlineData("o:schwa", true)]
    [InlineData("er:schwa", false)]
    [InlineData("i:i", false)]
    [InlineData("y:i", false)]
    public void A_weak_vowel_is_one_letter_said_weakly(string key, bool weak) => Assert.Equal(weak, Vowels.IsWeak(Correspondence.Parse(key)));

    private static IEnumerable<(string Word, string Split)> Rows(string text) => text.Split('\n')
        .Select(x => x.Split('=', StringSplitOptions.TrimEntries)).Select(x => (x[0], x[1]));
}
