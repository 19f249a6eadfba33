using Kamuri.Core.Composing;
using Kamuri.Core.Planning;

namespace Kamuri.Core.Tests.Planning;

/// <summary>Days as people type them.</summary>
public class TypedWishTests
{
    private static readonly Guid Oriel = new(1, 0, 0, new byte[8]);
    private static readonly Guid Bram = new(2, 0, 0, new byte[8]);
    private static readonly Guid Ada = new(3, 0, 0, new byte[8]);
    private static readonly Guid AdaLou = new(4, 0, 0, new byte[8]);

    private static TypedWish Read(string text) =>
        TypedWish.Read(text, [new(Oriel, "Oriel"), new(Bram, "Bram"), new(Ada, "Ada"), new(AdaLou, "Ada Lou")], Given.Today);

    private static string Marked(string text) =>
        Read(text).Understood.Reverse().Aggregate(text, (all, part) => all.Insert(part.Start + part.Length, "]").Insert(part.Start, "["));

    [Fact]
    public void A_whole_wish_is_understood_and_marked()
    {
        var wish = Read("wash Oriel and Bram, moisture, ready by 6pm");

        Assert.Equal([Oriel, Bram], wish.Heads);
        Assert.Equal((Aim.Moisture, null, TypedWhen.ReadyBy, new TimeOnly(18, 0)), (wish.Aim, wish.Style, wish.When, wish.Time));
        Assert.Equal("wash [Oriel] and [Bram], [moisture], [ready by 6pm]", Marked("wash Oriel and Bram, moisture, ready by 6pm"));
    }

    [Theory]
    [InlineData("a quick wash for bram tomorrow from 9:30", Aim.Quick, null, TypedWhen.StartAt, "09:30")]
    [InlineData("ORIEL strength into single twists dry by half past six", Aim.Strength, EndStyle.SingleTwists, TypedWhen.ReadyBy, "18:30")]
    [InlineData("Bram twists now", null, EndStyle.Twists, TypedWhen.Now, null)]
    [InlineData("Oriel saturday", null, null, TypedWhen.StartAt, null)]
    [InlineData("", null, null, null, null)]
    [InlineData("wash the cat by breakfast", null, null, null, null)]
    public void Parts_are_understood_by_themselves(string text, Aim? aim, EndStyle? style, TypedWhen? when, string? time)
    {
        var wish = Read(text);

        Assert.Equal((aim, style, when), (wish.Aim, wish.Style, wish.When));
        Assert.Equal(time, wish.Time?.ToString("HH:mm", System.Globalization.CultureInfo.InvariantCulture));
    }

    [Fact]
    public void The_longer_name_is_meant_and_a_part_of_a_word_is_not()
    {
        Assert.Equal([AdaLou], Read("wash Ada Lou").Heads);
        Assert.Equal([Ada, Oriel], Read("Ada, then Oriel").Heads);
        Assert.Empty(Read("Adaptable bramble").Heads);
        Assert.Equal(Given.Today.AddDays(1), Read("Ada tomorrow").Date);
        Assert.Empty(Read(new string('x', 5_000) + " Ada").Heads);
    }
}
