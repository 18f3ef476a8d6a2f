<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Take;
use Evrent\Core\Run\Take\Order;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Core\Words\TypedText;
use Evrent\Words\Words;

/**
 * Something said to a take that is under way, or of one that is over.
 */
final class TakeOrderForm extends Form
{
    public function named(): string
    {
        return 'order';
    }

    public function standsAt(): string
    {
        $take = $this->route('take');

        return $take instanceof Take ? $take->at('takes.show') : $this->shot()->at('shots.show');
    }

    /**
     * @throws InvalidInput
     */
    public function order(): Order
    {
        return Order::tryFrom($this->text('order')) ?? throw new InvalidInput([new Problem('/order', Words::of('app.take_order.choose'))]);
    }

    /**
     * @return array<string, mixed> what else is said with it
     *
     * @throws InvalidInput
     */
    public function more(): array
    {
        if ($this->order() === Order::AsIs && trim($this->text('why')) === '') {
            throw new InvalidInput([new Problem('/why', Words::of('app.take_order.why'))]);
        }

        return array_filter([
            'photo' => $this->photo('photo'),
            'to' => $this->photo('to'),
            'photos' => $this->photo('photos'),
            'as' => $this->text('as') === 'good' ? 'good' : null,
            'why' => mb_substr($this->text('why'), 0, 200),
            'about' => mb_substr($this->text('about'), 0, 60),
        ], static fn (mixed $value): bool => $value !== null && $value !== '');
    }

    private function photo(string $field): ?int
    {
        if ($this->text($field) === '') {
            return null;
        }

        return TypedText::count($this->text($field)) ?? throw new InvalidInput([new Problem("/{$field}", Words::of('app.take_order.number'))]);
    }
}
