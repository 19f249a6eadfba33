using System.Text.Json;
using Kamuri.Store.Figures;
using Kamuri.Store.Heads;
using Kamuri.Store.Household;
using Kamuri.Store.Kitchen;
using Kamuri.Store.PlannedDays;
using Kamuri.Store.Sessions;
using Kamuri.Store.Shelf;
using Kamuri.Store.Templates;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.ChangeTracking;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Kamuri.Store;

/// <summary>The database: one SQLite file per household.</summary>
public sealed class KamuriDb(DbContextOptions<KamuriDb> options) : DbContext(options)
{
    public DbSet<HeadRow> Heads => Set<HeadRow>();
    public DbSet<SessionRow> Sessions => Set<SessionRow>();
    public DbSet<SessionEventRow> SessionEvents => Set<SessionEventRow>();
    public DbSet<HouseholdRow> Households => Set<HouseholdRow>();
    public DbSet<FigureRow> Figures => Set<FigureRow>();
    public DbSet<TemplateRow> Templates => Set<TemplateRow>();
    public DbSet<ProductRow> Products => Set<ProductRow>();
    public DbSet<TaughtNameRow> TaughtNames => Set<TaughtNameRow>();
    public DbSet<RatingRow> Ratings => Set<RatingRow>();
    public DbSet<TakingRow> Takings => Set<TakingRow>();
    public DbSet<FormulaRow> Formulas => Set<FormulaRow>();
    public DbSet<BatchRow> Batches => Set<BatchRow>();
    public DbSet<PatchTestRow> PatchTests => Set<PatchTestRow>();
    public DbSet<KnownIngredientRow> KnownIngredients => Set<KnownIngredientRow>();
    public DbSet<PlannedDayRow> PlannedDays => Set<PlannedDayRow>();

    protected override void OnModelCreating(ModelBuilder modelBuilder)
    {
        modelBuilder.Entity<HeadRow>(head =>
        {
            head.ToTable("heads");
            head.Property(row => row.Name).HasMaxLength(40);
            AsJsonRecord(head.Property(row => row.Wear));
            AsJsonRecord(head.Property(row => row.Schools));
            AsJson(head.Property(row => row.ChemicalHistory));
            AsJson(head.Property(row => row.Scalp));
            AsJson(head.Property(row => row.FragileZones));
            AsJson(head.Property(row => row.Sensitivities));
            AsJson(head.Property(row => row.Goals));
        });
        modelBuilder.Entity<SessionRow>(session =>
        {
            session.ToTable("sessions");
            // Not a foreign key to heads: a session is a record of what was, and outlives the head.
            session.HasIndex(row => row.HeadId);
        });
        modelBuilder.Entity<SessionEventRow>(happened =>
        {
            happened.ToTable("session_events");
            happened.HasKey(row => row.Sequence);
            happened.HasIndex(row => new { row.SessionId, row.EventId }).IsUnique();
            happened.HasOne<SessionRow>().WithMany().HasForeignKey(row => row.SessionId).OnDelete(DeleteBehavior.Cascade);
        });
        modelBuilder.Entity<HouseholdRow>().ToTable("household");
        modelBuilder.Entity<FigureRow>().ToTable("figures");
        modelBuilder.Entity<ProductRow>(product =>
        {
            product.ToTable("products");
            product.Property(row => row.Name).HasMaxLength(80);
            product.Property(row => row.Role).HasConversion<string>();
        });
        modelBuilder.Entity<TaughtNameRow>(taught =>
        {
            taught.ToTable("taught_names");
            taught.HasKey(row => row.Name);
            taught.Property(row => row.Name).HasMaxLength(120);
            taught.Property(row => row.Class).HasConversion<string>();
        });
        ShelfAndKitchen(modelBuilder);
        modelBuilder.Entity<PlannedDayRow>(day =>
        {
            day.ToTable("planned_days");
            day.HasOne<HeadRow>().WithMany().HasForeignKey(row => row.HeadId).OnDelete(DeleteBehavior.Cascade);
        });
        modelBuilder.Entity<TemplateRow>(template =>
        {
            template.ToTable("templates");
            template.Property(row => row.Name).HasMaxLength(60);
            template.HasIndex(row => row.Name).IsUnique();
        });
    }

    private static void ShelfAndKitchen(ModelBuilder modelBuilder)
    {
        modelBuilder.Entity<RatingRow>(rating =>
        {
            rating.ToTable("ratings");
            rating.HasKey(row => new { row.ProductId, row.HeadId });
            rating.HasOne<ProductRow>().WithMany().HasForeignKey(row => row.ProductId).OnDelete(DeleteBehavior.Cascade);
            rating.HasOne<HeadRow>().WithMany().HasForeignKey(row => row.HeadId).OnDelete(DeleteBehavior.Cascade);
        });
        modelBuilder.Entity<TakingRow>(taking =>
        {
            taking.ToTable("takings");
            // Not foreign keys to product and batch: what was taken stays on record when they are gone.
            taking.HasOne<SessionRow>().WithMany().HasForeignKey(row => row.SessionId).OnDelete(DeleteBehavior.Cascade);
            taking.HasIndex(row => row.HeadId);
        });
        modelBuilder.Entity<FormulaRow>(formula =>
        {
            formula.ToTable("formulas");
            formula.Property(row => row.Name).HasMaxLength(80);
        });
        modelBuilder.Entity<BatchRow>(batch =>
        {
            batch.Ignore(row => row.MadeOf);
            batch.ToTable("batches");
            batch.Property(row => row.KeptAt).HasConversion<string>();
            batch.HasIndex(row => row.GoneOn);
        });
        modelBuilder.Entity<PatchTestRow>(test =>
        {
            test.ToTable("patch_tests");
            test.HasKey(row => new { row.HeadId, row.Ingredient });
            test.Property(row => row.Ingredient).HasMaxLength(120);
            test.Property(row => row.Outcome).HasConversion<string>();
            test.HasOne<HeadRow>().WithMany().HasForeignKey(row => row.HeadId).OnDelete(DeleteBehavior.Cascade);
        });
        modelBuilder.Entity<KnownIngredientRow>(known =>
        {
            known.ToTable("known_ingredients");
            known.HasKey(row => new { row.HeadId, row.Ingredient });
            known.HasOne<HeadRow>().WithMany().HasForeignKey(row => row.HeadId).OnDelete(DeleteBehavior.Cascade);
        });
    }

    /// <summary>Small records that are always read whole with their row; an empty object is the record's default.</summary>
    private static void AsJsonRecord<T>(PropertyBuilder<T> property)
        where T : class => property.HasDefaultValueSql("'{}'").HasConversion(
        record => JsonSerializer.Serialize(record, StoreJson.Options),
        text => JsonSerializer.Deserialize<T>(text, StoreJson.Options)!);

    /// <summary>Short lists that are always read whole with their row live in it as JSON text.</summary>
    private static void AsJson<T>(PropertyBuilder<List<T>> property) => property.HasConversion(
        list => JsonSerializer.Serialize(list, StoreJson.Options),
        text => JsonSerializer.Deserialize<List<T>>(text, StoreJson.Options) ?? new List<T>(),
        new ValueComparer<List<T>>(
            (a, b) => a == b || (a != null && b != null && a.SequenceEqual(b)),
            list => list.Aggregate(0, (hash, item) => HashCode.Combine(hash, item)),
            list => list.ToList()));
}
