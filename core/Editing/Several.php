<?php

/* Several edits as one that is taken back as one. */

declare(strict_types=1);

namespace AmpleMargin\Editing;

use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class Several implements Offered
{
    private const MOST = 400;

    /** Many changes make a long sentence; the list of edits shows its beginning. */
    private const LONGEST = 400;

    /**
     * @param list<Edit>  $edits
     * @param string|null $say   in place of what each of them says
     */
    public function __construct(private readonly array $edits, private readonly ?string $say = null)
    {
    }

    /** @param non-empty-list<Offered> $edits one stays itself */
    public static function of(array $edits, string $say): Offered
    {
        return 1 === \count($edits) ? $edits[0] : new self($edits, $say);
    }

    public static function type(): string
    {
        return 'several';
    }

    public static function read(Values $values): self
    {
        $edits = array_map(
            static fn (Values $edit): Edit => Edits::read($edit->all()),
            $values->each('edits', self::MOST),
        );

        return new self($edits, $values->has('say') ? $values->text('say', '', \PHP_INT_MAX) : null);
    }

    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        $said = [];
        foreach ($this->edits as $edit) {
            // A kind may have come in with the edit before.
            $edited = $edit->on($plan, $catalogue->having($plan));
            $plan = $edited->plan;
            $said[] = $edited->said;
        }

        return new Edited($plan, mb_strimwidth($this->say ?? implode('; ', $said), 0, self::LONGEST, '…'));
    }

    public function written(): array
    {
        return ['type' => self::type()] + (null === $this->say ? [] : ['say' => $this->say]) + [
            'edits' => self::each($this->edits),
        ];
    }

    /**
     * Several that the program proposes, as they are sent.
     *
     * @param list<Edit> $edits
     *
     * @return list<array<string, mixed>>
     */
    public static function each(array $edits): array
    {
        return array_map(static fn (Edit $edit): array => $edit instanceof Offered
            ? $edit->written()
            : throw new \LogicException('Only what the program proposes writes itself.'), $edits);
    }
}
