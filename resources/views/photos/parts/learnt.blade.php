{{-- What the photos showed of the body, offered to its kit entry; how it came out, and the recipe that is made or amended of it. --}}
@php
    $learnt = $page->learnt();
    $said = fn (string $field) => $errors->first("verdict.{$field}");
@endphp
@if ($learnt->values !== [] && $learnt->body !== null)<form class="panel learnt" method="post" action="{{ $page->reading->at('body') }}">@csrf @method('put')
    <header class="panel-head"><h2>Learnt about the body</h2></header>
    <table class="table"><thead><tr><th scope="col">Keep</th><th scope="col">Measured here</th><th scope="col">{{ $learnt->body->name }} has</th></tr></thead>
        <tbody>@foreach ($learnt->rows() as $field => $row)<tr><th scope="row"><label><input type="checkbox" name="fields[]" value="{{ $field }}"
            @checked(!$row['isAbsurd'])> {{ $row['label'] }}</label></th><td>{{ $row['measured'] }}@if ($row['isAbsurd'])<small
            class="late-word"> more than any camera is off: look at its date, and at which take this is</small>@endif</td>
            <td>{{ $row['has'] === '' ? '–' : $row['has'] }}</td></tr>@endforeach
        </tbody></table>
    <div class="grid-fields"><x-field id="clock-body" label="With the body" name="body" :options="$page->bodies()" :value="(string) $learnt->body->id"
        :problem="$errors->first('card.body') ?: $errors->first('card.fields')" /><button class="button">Keep it</button></div></form>@endif
<form class="panel learnt" method="post" action="{{ $page->reading->at('verdict') }}">@csrf @method('put')
    <header class="panel-head"><h2 id="verdict-title">How it came out</h2>@if ($page->reading->take)<span class="quiet">said of its take as
        well</span>@endif</header>
    <div class="grid-fields"><x-field id="verdict-rating" label="Verdict" name="rating" :options="App\Models\Take::RATINGS"
            :value="old('rating') ?? (string) ($page->reading->rating ?? $page->reading->take?->rating)" :problem="$said('rating')" />
        <x-field id="verdict-name" label="Recipe, new or one there is" name="name" is-text width="24ch" list="recipe-names" :problem="$said('name')" />
        <x-field id="verdict-why" label="What was learnt, in a sentence" name="why" is-text width="36ch" :problem="$said('why')" />
        <button class="button"><x-icon name="bookmark" /><span class="text">Keep</span></button>
        <small class="quiet">With a name it becomes a recipe, with this interval, this shutter and the longest clean stretch; one that came out poor or
            spoilt only warns in a recipe there is.</small></div>
    <datalist id="recipe-names">@foreach ($page->recipes() as $name)<option>{{ $name }}</option>@endforeach</datalist></form>
