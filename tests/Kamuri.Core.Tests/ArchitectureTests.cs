using Kamuri.Core.Figures;
using NetArchTest.Rules;

namespace Kamuri.Core.Tests;

public class ArchitectureTests
{
    [Fact]
    public void The_core_knows_no_server_no_store_and_no_files()
    {
        var result = Types
            .InAssembly(typeof(CraftFigures).Assembly)
            .ShouldNot()
            .HaveDependencyOnAny(
                "Microsoft.AspNetCore",
                "Microsoft.EntityFrameworkCore",
                "Kamuri.Store",
                "Kamuri.Web",
                "System.IO.File",
                "System.Net.Http"
            )
            .GetResult();

        Assert.True(result.IsSuccessful, string.Join(", ", result.FailingTypeNames ?? []));
    }

    [Fact]
    public void Rules_are_sealed_and_stand_in_their_folder()
    {
        var result = Types
            .InAssembly(typeof(CraftFigures).Assembly)
            .That()
            .ImplementInterface(typeof(Kamuri.Core.Composing.IRule))
            .And()
            .AreNotAbstract()
            .Should()
            .BeSealed()
            .And()
            .ResideInNamespace("Kamuri.Core.Composing.Rules")
            .GetResult();

        Assert.True(result.IsSuccessful, string.Join(", ", result.FailingTypeNames ?? []));
    }
}
