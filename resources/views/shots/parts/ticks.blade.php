{{-- What is looked at before a shot, with what the devices said of it. --}}
<ul class="ticks" id="preflight-ticks" @if ($isAnew ?? false) hx-swap-oob="true" @endif>@foreach ($start->items as $item)
    @php $told = $start->told($item); @endphp
    <li><label><input type="checkbox" name="packed[]" value="{{ $item->value }}" @checked(isset($start->ticked[$item->value]))> <span>{{ $start->label($item)
        }}<small>{{ $item->why() }}</small>@if ($told)<small @class(['late-word' => $told['isWell'] === false, 'told-by-device' => true])>{{ $told['says']
        }}</small>@endif</span></label></li>@endforeach</ul>
