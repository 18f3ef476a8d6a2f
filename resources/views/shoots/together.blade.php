@php
    $takes = $page->takes();
    $devices = $page->devices();
    $wrong = fn (string $field) => $errors->first("together.{$field}");
@endphp
<x-layout is-of-takes title="Together" :crumbs="['Shoots' => route('shoots.index'), $shoot->name => route('shoots.show', $shoot), 'Together' => null]">
    <div class="page">
        <h1>Two rigs, one start</h1>
        @include('shoots.parts.together-now')
        @if ($takes !== [])<form method="post" action="{{ route('together.stop', $shoot) }}">@csrf<button class="button is-large is-danger"><x-icon
            name="octagon-x" /><span class="text">Stop all</span></button></form>@endif
        @if (count($page->shots()) < 2 || $devices === null)<p class="nothing">Two shots are needed for this. <a
            href="{{ route('shoots.show', $shoot) }}">Make another</a>.</p>
        @else<form class="panel together" method="post" action="{{ route('together.store', $shoot) }}">@csrf
            <h2>Start two shots together</h2>
            @foreach (['first' => 'One', 'second' => 'The other'] as $row => $label)<fieldset class="grid-fields"><legend>{{ $label }}</legend>
                <x-field :id="$row . '-shot'" label="Shot" :name="$row . '[shot]'" :options="$page->shots()" :problem="$wrong($row . '.shot')"
                    :value="old($row . '.shot') ?? (string) (array_keys($page->shots())[$row === 'first' ? 0 : 1])" />
                <x-field :id="$row . '-rig'" label="Rig" :name="$row . '[rig]'" :options="$devices->rigs" :value="old($row . '.rig')"
                    :problem="$wrong($row . '.rig')" />
                <x-field :id="$row . '-camera'" label="Camera" :name="$row . '[camera]'" :options="$devices->cameras" :value="old($row . '.camera')"
                    :problem="$wrong($row . '.camera')" />
                <x-field :id="$row . '-delay'" label="First photo in" :name="$row . '[delay]'" width="7ch" :value="old($row . '.delay') ?? '1 min'"
                    :problem="$wrong($row . '.delay') ?: $wrong($row . '.when')" /></fieldset>@endforeach
            <div class="grid-fields"><x-field id="together-reason" label="Why, where one falls short" name="reason" is-text width="30ch"
                :value="old('reason')" :problem="$wrong('reason')" />
                @if ($devices->hasSimulated())<x-field id="together-speed" label="Simulated devices run at" name="speed"
                    :options="App\Pages\TakeStart::speeds()" :value="old('speed') ?? (string) (int) config('evrent.world_speed')" />@endif</div>
            <p class="quiet">Each homes and drives to its A first: leave time for that, and keep hands clear of both. Whatever happens to one, the other
                goes on.</p>
            <button class="button is-strong is-large"><x-icon name="play" /><span class="text">Start both</span></button></form>@endif
    </div>
</x-layout>
