<?php

/*
 * Whole things shared by weight so that the shares add up exactly: each gets the whole part of its share, and what is left
 * over goes one each to those that lost most by that.
 */

declare(strict_types=1);

namespace AmpleMargin\Counting;

final class LargestRemainder
{
    /**
     * @template K of array-key
     *
     * @param int           $whole     0 or more
     * @param array<K, int> $weights   0 or more each, and not all 0
     * @param bool          $lastFirst whether of equal remainders the later one is served first
     *
     * @return array<K, int> in the order of the weights
     */
    public static function share(int $whole, array $weights, bool $lastFirst = false): array
    {
        $sum = array_sum($weights);
        $shares = array_map(static fn (int $weight): int => intdiv($whole * $weight, $sum), $weights);
        $lost = array_map(static fn (int $weight): int => $whole * $weight % $sum, $weights);
        $order = $lastFirst ? array_reverse($lost, true) : $lost;
        arsort($order);
        foreach (\array_slice(array_keys($order), 0, $whole - array_sum($shares)) as $one) {
            ++$shares[$one];
        }

        return $shares;
    }
}
