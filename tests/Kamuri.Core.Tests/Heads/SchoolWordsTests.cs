using Kamuri.Core.Heads;
using Kamuri.Core.Heads.Portrait;

namespace Kamuri.Core.Tests.Heads;

/// <summary>A portrait can speak of every side anybody can take.</summary>
public class SchoolWordsTests
{
    [Fact]
    public void Every_side_of_every_question_is_a_sentence() =>
        Assert.All(SchoolCatalogue.Questions, question =>
            Assert.All(question.Answers, side => Assert.EndsWith(".", SchoolWords.Of(question.Id, side.Value), StringComparison.Ordinal))
        );

    [Fact]
    public void The_portrait_of_any_head_says_how_it_likes_things_done() => Assert.NotEmpty(HeadPortrait.Likes(Given.Head()));
}
