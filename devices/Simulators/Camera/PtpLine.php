<?php

declare(strict_types=1);

namespace Evrent\Devices\Simulators\Camera;

use Closure;
use Evrent\Devices\Protocol\Ptp\BadPacket;
use Evrent\Devices\Protocol\Ptp\Dataset;
use Evrent\Devices\Protocol\Ptp\DatasetReader;
use Evrent\Devices\Protocol\Ptp\Packet;
use Evrent\Devices\Simulators\Clock;
use React\Socket\ConnectionInterface;

/**
 * One TCP connection of a host: what it commands on, or what it listens on; its first packet says which.
 */
final class PtpLine
{
    private const VERSION = 0x00010000;
    private const GUID = "EvrentSimulated\0";
    private const CHUNK = 200_000;

    /** What goes with an operation before it is obeyed. */
    private const DATA_OUT = 2;

    private string $unread = '';
    private float $heardAt = 0.0;
    private readonly PtpResponder $responder;
    private bool $isCommandLine = false;
    private int $transaction = 0;

    /** @var ?array{int, int, list<int>} code, transaction and parameters of the operation whose data come */
    private ?array $awaited = null;
    private string $data = '';

    /**
     * @param Closure(PtpLine): ?int           $enrol  a host begins: its number; null where there is another
     * @param Closure(int): ?PtpConnection     $find   the host of a number
     * @param Closure(): void                  $then   something may have changed
     */
    public function __construct(
        private readonly ConnectionInterface $line,
        SimulatedCamera $camera,
        private readonly Clock $clock,
        private readonly Closure $enrol,
        private readonly Closure $find,
        private readonly Closure $then,
        private readonly string $name = '',
    ) {
        $this->responder = new PtpResponder($camera);
    }

    public function receive(string $bytes): void
    {
        $this->unread .= $bytes;
        $this->heardAt = microtime(true);
        try {
            while (($packet = Packet::take($this->unread)) !== null) {
                $this->obey($packet);
            }
        } catch (BadPacket) {
            // Who speaks something else is not spoken to.
            $this->close();
        }
        ($this->then)();
    }

    public function send(Packet $packet): void
    {
        $this->line->write($packet->bytes());
    }

    public function close(): void
    {
        $this->line->close();
    }

    /** When anything came on it last, real seconds. */
    public function heardAt(): float
    {
        return $this->heardAt;
    }

    public function lastTransaction(): int
    {
        return $this->transaction;
    }

    /** @throws BadPacket */
    private function obey(Packet $packet): void
    {
        $in = new DatasetReader($packet->body);
        match ($packet->kind) {
            Packet::INIT_COMMAND_REQUEST => $this->begin(),
            Packet::INIT_EVENT_REQUEST => $this->listen($in->u32()),
            Packet::OPERATION_REQUEST => $this->operation($in),
            Packet::START_DATA, Packet::CANCEL => null,
            Packet::DATA, Packet::END_DATA => $this->takeData($in, $packet->kind === Packet::END_DATA),
            Packet::PING => $this->send(new Packet(Packet::PONG)),
            default => throw new BadPacket(),
        };
    }

    private function begin(): void
    {
        $this->isCommandLine = true;
        $number = ($this->enrol)($this);
        if ($number === null) {
            // Somebody has it (PTP/IP: rejected initiator).
            $this->isCommandLine = false;
            $this->send(new Packet(Packet::INIT_FAIL, (new Dataset())->u32(1)->bytes()));
            $this->line->end();

            return;
        }
        $is = (new Dataset())->u32($number)->raw(self::GUID)->wide(trim("Evrent camera {$this->name}"))->u32(self::VERSION);
        $this->send(new Packet(Packet::INIT_COMMAND_ACK, $is->bytes()));
    }

    private function listen(int $number): void
    {
        $host = ($this->find)($number);
        $host?->listensOn($this);
        $this->send(new Packet($host === null ? Packet::INIT_FAIL : Packet::INIT_EVENT_ACK, $host === null ? (new Dataset())->u32(1)->bytes() : ''));
    }

    /** @throws BadPacket */
    private function operation(DatasetReader $in): void
    {
        if (!$this->isCommandLine) {
            throw new BadPacket();
        }
        [$phase, $code, $this->transaction] = [$in->u32(), $in->u16(), $in->u32()];
        $parameters = [];
        while (!$in->isAtEnd()) {
            $parameters[] = $in->u32();
        }
        $this->data = '';
        if ($phase === self::DATA_OUT || $this->responder->takesData($code)) {
            $this->awaited = [$code, $this->transaction, $parameters];

            return;
        }
        $this->answer($code, $this->transaction, $parameters);
    }

    /** @throws BadPacket */
    private function takeData(DatasetReader $in, bool $isLast): void
    {
        $in->u32();
        $this->data .= $in->rest();
        if ($isLast && $this->awaited !== null) {
            [$code, $transaction, $parameters] = $this->awaited;
            $this->awaited = null;
            $this->answer($code, $transaction, $parameters);
        }
    }

    /**
     * @param list<int> $parameters
     */
    private function answer(int $code, int $transaction, array $parameters): void
    {
        [$response, $data, $answered] = $this->responder->answer($code, $parameters, $this->data, $this->clock->now());
        if ($data !== null) {
            $this->send(new Packet(Packet::START_DATA, (new Dataset())->u32($transaction)->u64(strlen($data))->bytes()));
            $chunks = str_split($data, self::CHUNK);
            foreach ($chunks as $n => $chunk) {
                $this->send(new Packet($n === count($chunks) - 1 ? Packet::END_DATA : Packet::DATA, (new Dataset())->u32($transaction)->raw($chunk)->bytes()));
            }
        }
        $this->send(new Packet(Packet::OPERATION_RESPONSE, (new Dataset())->u16($response->value)->u32($transaction)->u32(...$answered)->bytes()));
    }
}
