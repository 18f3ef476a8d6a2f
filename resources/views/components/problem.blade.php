@props(['pointer', 'message' => null])
<span class="problem" id="p-{{ str_replace('/', '-', ltrim($pointer, '/')) }}">{{ $message }}</span>
