@extends('errors.minimal')
@section('title', __('errors.500.title'))
@section('message', __('errors.500.says'))
