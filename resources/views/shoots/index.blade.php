<x-layout title="Shoots" :crumbs="['Shoots' => null]">
    <div class="page">
        <h1>Shoots</h1>
        <ul class="shoot-list">
            @foreach ($shoots as $shoot)
                <li class="panel"><a href="{{ route('shoots.show', $shoot) }}"><b>{{ $shoot->name }}</b></a>
                    <span class="quiet">{{ $shoot->place }}@if ($shoot->shoot_date) · {{ $shoot->shoot_date->format('j F Y') }}@endif ·
                        {{ $shoot->shots_count }} {{ $shoot->shots_count === 1 ? 'shot' : 'shots' }}</span></li>
            @endforeach
        </ul>
        <form class="panel new-shoot" method="post" action="{{ route('shoots.store') }}">
            @csrf
            <h2>New shoot</h2>
            @foreach (['name' => ['Name', 'text', '24ch'], 'place' => ['Place', 'text', '24ch'], 'shoot_date' => ['Date', 'date', '16ch']] as $field => [
                $label, $type, $width])
                <x-field :id="'f-' . $field" :label="$label" :name="$field" :type="$type" :width="$width" is-text
                    :problem="$errors->first('shoot.' . $field)" />
            @endforeach
            <button class="button is-strong"><x-icon name="plus" /><span class="text">Make it</span></button>
        </form>
        @if ($deleted->isNotEmpty())
            <details class="panel bin"><summary class="panel-head"><h2>Deleted, can be brought back</h2></summary>
                <ul>@foreach ($deleted as $shoot)<li><span>{{ $shoot->name }}</span> <x-act :action="route('bin.restore', ['shoot', $shoot->id])"
                    icon="undo-2" class="is-quiet">Bring back</x-act></li>@endforeach</ul></details>
        @endif
    </div>
</x-layout>
