<?php

/* What a pen does on a paper and where it may be used: as it was seen, or, where nobody tried, as it usually is, from memory. */

declare(strict_types=1);

namespace AmpleMargin\Making;

use AmpleMargin\Paper\ShowThrough;
use AmpleMargin\Plan\Making\Ghost;
use AmpleMargin\Plan\Making\TestedPen;

final class PenVerdict
{
    private function __construct(
        public readonly bool $bleeds,
        public readonly Ghost $ghosts,
        /** Minutes. */
        public readonly int $dries,
        /** Whether any of this was seen, and not only remembered. */
        public readonly bool $seen,
        public readonly string $says,
    ) {
    }

    /**
     * @param list<TestedPen> $all      the pens of the book: another test of the same pen counts too, and the worse of them
     * @param int|null        $grammage g/m²; null where nobody said
     */
    public static function of(TestedPen $pen, array $all, ?int $grammage): self
    {
        $weight = $grammage ?? ShowThrough::USUAL;
        $tests = array_filter($all, static fn (TestedPen $one): bool => 0 === strcasecmp($one->name, $pen->name));
        $tests = [] === $tests ? [$pen] : $tests;
        $seen = [] !== array_filter($tests, static fn (TestedPen $one): bool => $one->isTested());
        $bleeds = self::worst(array_column($tests, 'bleeds'), static fn (?bool $one): ?bool => $one) ?? $pen->sort->bleeds($weight);
        $shadow = [Ghost::None->value => 0, Ghost::Slight->value => 1, Ghost::Strong->value => 2];
        $ghosts = self::worst(array_column($tests, 'ghosts'), static fn (?Ghost $one): ?int => null === $one ? null : $shadow[$one->value]);
        $ghosts = null === $ghosts ? $pen->sort->ghosts($weight) : Ghost::cases()[$ghosts];
        $dries = self::worst(array_column($tests, 'dries'), static fn (?int $one): ?int => $one) ?? $pen->sort->dries();
        $differ = \count($tests) > 1 && \count(array_unique(array_map(
            static fn (TestedPen $one): string => json_encode([$one->bleeds, $one->ghosts?->value, $one->dries], \JSON_THROW_ON_ERROR),
            $tests,
        ))) > 1;
        $says = match (true) {
            $bleeds => 'Its reverse must be blank, glued shut or decoration.',
            Ghost::Strong === $ghosts => 'It is read through: keep the reverse for something light, or busy.',
            Ghost::Slight === $ghosts => 'A shadow on the reverse; it bears anything.',
            default => 'The reverse takes anything.',
        };
        if (true === $pen->feathers) {
            $says .= ' It feathers: not for small figures.';
        }
        $says .= $dries > 0 ? " Dry to the touch after $dries min." : '';
        if ($differ) {
            $says .= ' Tested more than once with different results: the worst counts.';
        }
        if (!$seen) {
            $says .= ' Not tested on this paper: as a '.$pen->sort->words().' usually does on '
                .(null === $grammage ? 'ordinary paper' : "$grammage g/m²").', from memory.';
        }

        return new self($bleeds, $ghosts, $dries, $seen, $says);
    }

    /**
     * @template T
     * @template V of bool|int
     *
     * @param array<int, T>        $of
     * @param \Closure(T): (V|null) $value
     *
     * @return V|null the largest; null where nobody looked
     */
    private static function worst(array $of, \Closure $value): bool|int|null
    {
        $known = array_filter(array_map($value, $of), static fn (bool|int|null $one): bool => null !== $one);

        return [] === $known ? null : max($known);
    }
}
